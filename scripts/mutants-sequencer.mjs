import TestSequencer from "@jest/test-sequencer";

const Sequencer = TestSequencer.default ?? TestSequencer;

/** The quickest tests first: most faults are noticed by one of these, and the run stops there. */
export default class QuickestFirst extends Sequencer {
  sort(tests) {
    return [...super.sort(tests)].reverse();
  }
}
