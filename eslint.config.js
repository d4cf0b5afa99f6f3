import js from '@eslint/js'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

export default ts.config(
  {
    ignores: [
      'public/**',
      'vendor/**',
      'node_modules/**',
      '.run/**',
      'resources/js/console/lib/api.d.ts',
      'resources/js/embed/api.d.ts',
    ],
  },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue', '**/*.ts'],
    languageOptions: { globals: globals.browser, parserOptions: { parser: ts.parser, extraFileExtensions: ['.vue'] } },
    rules: {
      'no-undef': 'off',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': 'error',
    },
  },
  {
    files: ['**/*.mjs', '*.js', 'vite*.config.ts'],
    languageOptions: { globals: globals.node },
  },
  {
    files: ['standins/**/*-worker.js'],
    languageOptions: { globals: globals.serviceworker },
  },
  {
    files: ['**/*.vue'],
    rules: {
      // Layout is prettier's.
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
    },
  },
)
