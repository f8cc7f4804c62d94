import type { Directive } from "vue";

/**
 * Stands in for the component library's ripple, which is not drawn in this application: the library's own would look after its
 * styles again each time one of the buttons on a page is drawn anew, a third of what a tap in Cook along took.
 */
const noRipple: Directive = {};
export default noRipple;
