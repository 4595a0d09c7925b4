import ts from 'typescript-eslint'
export default ts.config({ files: ['core/**/*.ts'], languageOptions: { parser: ts.parser, parserOptions: { project: ['.tsconfig-tmp.json'], tsconfigRootDir: import.meta.dirname } }, plugins: { '@typescript-eslint': ts.plugin }, rules: { '@typescript-eslint/no-unnecessary-type-assertion': 'error' } })
