import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

/** Letters of keys, units and signs: they are the same in every language. */
const SIGNS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZsvm()[]{}.,:;·…/|+-–−×=%#!?&"“”‘’→←↶↷▲▼▸◂▴▾✓✕☐◆⟳⇧⌫⚠›Ω0123456789¾½¼'
const NO_WORDS = [...new Set([...SIGNS, 'mA', 'MΩ', 'in³', 'Zwindle', 'Ctrl K'])]

export default tseslint.config(
  { ignores: ['public/**', 'vendor/**', 'resources/js/shared/api/generated/**'] },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: tseslint.parser } } },
  // Words stand in lang/, and nowhere else.
  {
    files: ['resources/js/**/*.vue'],
    rules: {
      'vue/no-bare-strings-in-template': [
        'error',
        {
          allowlist: NO_WORDS,
          attributes: {
            '/.+/': [
              'title',
              'aria-label',
              'aria-description',
              'placeholder',
              'alt',
              'label',
              'what',
              'yes',
              'no',
              'busy-word',
              'caption',
            ],
          },
        },
      ],
    },
  },
  { rules: { 'no-undef': 'off', 'no-console': 'error', eqeqeq: 'error' } },
  prettier,
)
