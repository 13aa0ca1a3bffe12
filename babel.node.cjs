// Plain Node tests: TypeScript away, modules to CommonJS, nothing of React Native.
module.exports = { presets: ['babel-preset-expo'] };
