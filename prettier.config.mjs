export default {
  printWidth: 120,
  singleQuote: true,
  overrides: [{ files: '*.css', options: { singleQuote: false } }],
};
