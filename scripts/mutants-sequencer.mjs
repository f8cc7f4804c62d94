import TestSequencer from "@jest/test-sequencer";

const Sequencer = TestSequencer.default ?? TestSequencer;

/** Quick enough to be tried first again because it noticed the last fault. */
const quickMs = 4000;

/**
 * What noticed the last fault first, if it is quick, then the quickest: most faults are noticed by one of these, and the
 * run stops there.
 */
export default class QuickestFirst extends Sequencer {
  sort(tests) {
    const slowestFirst = super.sort(tests);
    const isFirst = (test) => this.hasFailed(test) && (test.duration ?? 0) < quickMs;
    const byTime = [...slowestFirst].sort((one, other) => (one.duration ?? 0) - (other.duration ?? 0));
    return [...byTime.filter(isFirst), ...byTime.filter((test) => !isFirst(test))];
  }
}
