import base from './playwright.config';
export default { ...base, timeout: 200_000, expect: { timeout: 25_000 }, use: { ...base.use, actionTimeout: 25_000 } };
