/** Whether writing brings up a keyboard that covers half the screen: then no field takes the focus unasked. */
export const hasSoftKeyboard = (): boolean => window.matchMedia?.('(pointer: coarse)').matches ?? false
