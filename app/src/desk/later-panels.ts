/** The panels that are not needed for a line's first touches: they come in one script of their own. */
export const laterPanels = () => import('./panels/all-panels');
