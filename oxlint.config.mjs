import { defineConfig } from 'oxlint'

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
    'vue/**',
    'pinia',
    'nuxt',
    'nuxt/**',
    '#*',
    '#*/**',
    '~*',
    '~*/**',
    '@vueuse/*',
    '@nuxt/*',
    'h3',
    'pg',
    'node:*',
    'node:*/**',
    'echarts*',
    'echarts*/**',
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

const inCode = (files, rules, except = []) => ({ files, excludeFiles: ['**/*.test.ts', ...except], rules })

/** What a template holds is ESLint's: `eslint.config.mjs`. */
export default defineConfig({
  plugins: ['typescript'],
  jsPlugins: ['@stylistic/eslint-plugin', { name: 'house', specifier: './scripts/lint/house-rules.mjs' }],
  categories: { correctness: 'error' },
  ignorePatterns: ['.builds/**', '.data/**', '.nuxt/**', '.output/**', 'docs/**', 'test-results/**'],
  rules: {
    // Of ESLint's and typescript-eslint's recommended rules those that are not among the faults above.
    'no-case-declarations': 'error',
    'no-fallthrough': 'error',
    'no-prototype-builtins': 'error',
    'no-regex-spaces': 'error',
    'no-unexpected-multiline': 'error',
    'preserve-caught-error': 'error',
    'no-var': 'error',
    'prefer-const': 'error',
    'prefer-rest-params': 'error',
    'prefer-spread': 'error',
    'no-array-constructor': 'error',
    'typescript/ban-ts-comment': 'error',
    'typescript/no-empty-object-type': 'error',
    'typescript/no-explicit-any': 'error',
    'typescript/no-namespace': 'error',
    'typescript/no-require-imports': 'error',
    'typescript/no-unnecessary-type-constraint': 'error',
    'typescript/no-unsafe-function-type': 'error',
    'no-empty': ['error', { allowEmptyCatch: true }],
    'no-unused-vars': ['error', { ignoreRestSiblings: true }],
    'typescript/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
    // On purpose: methods handed on, words sorted as they are, the first sign of a name.
    'typescript/unbound-method': 'off',
    'typescript/require-array-sort-compare': 'off',
    'typescript/no-misused-spread': 'off',
    'typescript/no-redundant-type-constituents': 'off',
    // Only with types in view.
    'typescript/no-floating-promises': 'error',
    'typescript/no-misused-promises': 'error',
    'typescript/await-thenable': 'error',
    'typescript/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    // Oxfmt lays everything out; what it can't break is broken by hand.
    '@stylistic/max-len': ['error', { code: 120 }],
  },
  overrides: [
    inCode(['core/**/*.ts', 'scripts/**/*.ts', 'server/**/*.ts'], {
      'typescript/restrict-template-expressions': ['error', { allowNumber: true, allowBoolean: true }],
      'typescript/restrict-plus-operands': 'error',
      'typescript/no-base-to-string': 'error',
      'typescript/no-unnecessary-type-assertion': 'error',
    }),
    inCode(['core/**/*.ts'], { 'no-restricted-imports': ['error', { patterns: [outward] }] }),
    ...ORDER.map(room =>
      inCode([`core/${room}/**/*.ts`], {
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
      }),
    ),
    // What is shown, in numbers or drawn, is free to use the engine's functions: no forecast hangs on it.
    inCode(
      ['core/**/*.ts'],
      { 'no-restricted-properties': ['error', ...unsteady], 'house/no-power-operator': 'error' },
      ['core/units/**', 'core/sentence/**', 'core/demonstration/vessel-outline.ts', 'core/catalogue/steam/scene/**'],
    ),
    inCode(['app/**/*.{ts,vue}', 'server/**/*.ts'], {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: ['**/core/*/**', '!**/core/catalogue/everything', '!**/core/catalogue/known'],
              message: 'import from core itself, its public face',
            },
          ],
        },
      ],
    }),
  ],
})
