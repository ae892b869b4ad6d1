import js from '@eslint/js'
import jsxA11y from 'eslint-plugin-jsx-a11y'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['src/api/generated/schema.d.ts', 'node_modules'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  jsxA11y.flatConfigs.recommended,
  hooks.configs.flat.recommended,
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      'no-undef': 'off',
      'jsx-a11y/label-has-associated-control': ['error', { depth: 4 }],
      'no-restricted-syntax': [
        'error',
        {
          selector: 'SwitchCase[test=null]',
          message: 'Name every kind, so that a new one does not compile until it is thought of here.',
        },
      ],
    },
  },
)
