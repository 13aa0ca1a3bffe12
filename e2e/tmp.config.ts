import base from './playwright.config';
export default { ...base, timeout: 90_000, expect: { timeout: 10_000 }, use: { ...base.use, actionTimeout: 10_000 } };
