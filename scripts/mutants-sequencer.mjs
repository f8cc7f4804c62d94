import TestSequencer from "@jest/test-sequencer";

const Sequencer = TestSequencer.default ?? TestSequencer;

/** What noticed the last fault first, then the quickest: most faults are noticed by one of these, and the run stops there. */
export default class QuickestFirst extends Sequencer {
  sort(tests) {
    const slowestFirst = super.sort(tests);
    const failed = slowestFirst.filter((test) => this.hasFailed(test));
    const others = slowestFirst.filter((test) => !failed.includes(test));
    return [...failed.reverse(), ...others.reverse()];
  }
}
