/** Leaves this page for another address. */
export const openAddress = (address: string): void => window.location.assign(address);
