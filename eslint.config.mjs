import js from '@eslint/js'
import stylistic from '@stylistic/eslint-plugin'
import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'

/** Rooms of core from the bottom up: no import runs back up. */
const ORDER = [
  'elementary',
  'units',
  'sentence',
  'solver',
  'substances',
  'place',
  'vessels',
  'mechanisms',
  'cautions',
  'demonstration',
  'picture',
  'forecast',
  'running-order',
  'lesson',
  'live',
  'practice',
  'readings',
  'hearing',
  'catalogue',
  'formats',
  'records',
]
const above = room => ORDER.slice(ORDER.indexOf(room) + 1)

const outward = {
  group: [
    'vue',
    'vue/*',
    'pinia',
    'nuxt',
    'nuxt/*',
    '#*',
    '~*',
    '@vueuse/*',
    '@nuxt/*',
    'h3',
    'pg',
    'node:*',
    'echarts*',
    '**/app/**',
    '**/server/**',
    '**/scripts/**',
  ],
  message: 'core uses nothing of the application, the server, the browser or Node',
}
const unsteady = [
  'exp',
  'expm1',
  'log',
  'log1p',
  'log2',
  'pow',
  'sin',
  'cos',
  'tan',
  'atan',
  'atan2',
  'sinh',
  'cosh',
  'tanh',
  'cbrt',
  'hypot',
  'random',
].map(property => ({
  object: 'Math',
  property,
  message: 'its last bits depend on the engine; use core/elementary, or a seeded generator',
}))

/** What only types can tell is in `.oxlintrc.json`: a compiler that is ten times as fast reads them. */
export default ts.config(
  { ignores: ['.builds/**', '.data/**', '.nuxt/**', '.output/**', 'node_modules/**', 'docs/**', 'test-results/**'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/strongly-recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    plugins: { '@stylistic': stylistic },
    rules: {
      // TypeScript finds undefined names, with the application's auto-imports in view.
      'no-undef': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { ignoreRestSiblings: true }],
      'no-empty': ['error', { allowEmptyCatch: true }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
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
  // Oxfmt lays everything out; what it can't break is broken by hand.
  { files: ['**/*.{ts,mjs,vue}'], rules: { '@stylistic/max-len': ['error', { code: 120 }] } },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-imports': ['error', { patterns: [outward] }] },
  },
  ...ORDER.map(room => ({
    files: [`core/${room}/**/*.ts`],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            outward,
            ...(above(room).length
              ? [
                  {
                    group: above(room).flatMap(r => [`**/${r}`, `**/${r}/**`]),
                    message: `${room} lies below it: no import runs back up`,
                  },
                ]
              : []),
          ],
        },
      ],
    },
  })),
  {
    // What is shown, in numbers or drawn, is free to use the engine's functions: no forecast hangs on it.
    files: ['core/**/*.ts'],
    ignores: [
      '**/*.test.ts',
      'core/units/**',
      'core/sentence/**',
      'core/demonstration/vessel-outline.ts',
      'core/catalogue/steam/scene/**',
    ],
    rules: {
      'no-restricted-properties': ['error', ...unsteady],
      'no-restricted-syntax': [
        'error',
        { selector: 'BinaryExpression[operator="**"]', message: 'use integerPower or pow of core/elementary' },
      ],
    },
  },
  {
    files: ['app/**/*.{ts,vue}', 'server/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/core/*/*', '!**/core/catalogue/everything', '!**/core/catalogue/known'],
              message: 'import from core itself, its public face',
            },
          ],
        },
      ],
    },
  },
)
