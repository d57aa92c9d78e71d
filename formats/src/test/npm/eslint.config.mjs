import js from "@eslint/js";

const browser = ["document", "window", "location", "history", "navigator", "performance", "Blob", "URL",
  "requestAnimationFrame"];

export default [
  js.configs.recommended,
  {
    languageOptions: {
      ecmaVersion: 2023,
      sourceType: "script",
      globals: Object.fromEntries(browser.map((name) => [name, "readonly"])),
    },
    rules: {
      "no-var": "error",
      "prefer-const": "error",
      eqeqeq: "error",
      curly: "error",
      "no-shadow": "error",
      "no-unused-vars": "error",
      "no-implicit-globals": "error",
      "no-eval": "error",
      "no-implied-eval": "error",
    },
  },
];
