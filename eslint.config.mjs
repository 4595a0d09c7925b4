import js from '@eslint/js'
import stylistic from '@stylistic/eslint-plugin'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

/** For components and pages, which only ESLint reads whole; all else is in `oxlint.config.mjs`, ten times as fast. */
export default ts.config(
  { ignores: ['.builds/**', '.data/**', '.nuxt/**', '.output/**', 'node_modules/**', 'docs/**', 'test-results/**'] },
  {
    files: ['**/*.vue'],
    extends: [js.configs.recommended, ...ts.configs.recommended, ...vue.configs['flat/strongly-recommended']],
    languageOptions: { parserOptions: { parser: ts.parser } },
    plugins: { '@stylistic': stylistic },
    rules: {
      // TypeScript finds undefined names, with the application's auto-imports in view.
      'no-undef': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      'no-empty': ['error', { allowEmptyCatch: true }],
      '@stylistic/max-len': ['error', { code: 120 }],
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/html-indent': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-restricted-syntax': [
        'error',
        {
          selector: "VExpressionContainer CallExpression[callee.property.name='toFixed']",
          message: 'a number that is read has the marks of who reads it: units.number',
        },
      ],
    },
  },
  {
    // The parts of the interface are Nuxt UI's, with one theme (app/app.config.ts). Ours are the sentence with its
    // blanks, the scrubber, what folds, the particle board, and Live with its keys.
    files: ['app/**/*.vue'],
    ignores: [
      'app/components/bench/BlankButton.vue',
      'app/components/bench/InputEditor.vue',
      'app/components/bench/TimeScrubber.vue',
      'app/components/class/ParticleBoard.vue',
      'app/components/Folded.vue',
      'app/components/live/**',
      'app/pages/live/*/**',
    ],
    rules: {
      'vue/no-restricted-html-elements': [
        'error',
        ...['button', 'input', 'select', 'textarea', 'details', 'dialog', 'form'],
      ],
    },
  },
)
