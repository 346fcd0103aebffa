/** Links that can be followed: nothing that runs. */
export const isSafeLink = (address: string): boolean => /^(?:https?:\/\/|mailto:|tel:)/i.test(address)
