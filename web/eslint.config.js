import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import i18n from '@intlify/eslint-plugin-vue-i18n'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'

export default defineConfigWithVueTs(
  { ignores: ['target/**', 'node_modules/**', 'src/api/generated/**'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.strict,
  i18n.configs['flat/base'],
  prettier,
  {
    settings: { 'vue-i18n': { localeDir: './src/words/*.json', messageSyntaxVersion: '^11.0.0' } },
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-v-html': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_' }],
      // every word is in a message file, and every message is there
      '@intlify/vue-i18n/no-missing-keys': 'error',
      '@intlify/vue-i18n/no-raw-text': [
        'error',
        {
          ignoreNodes: ['kbd'],
          ignorePattern: '^[^\\p{L}]*$',
          attributes: { '/.+/': ['label', 'placeholder', 'title', 'aria-label', 'header'] },
        },
      ],
    },
  },
  {
    files: ['**/*.test.ts'],
    rules: { '@intlify/vue-i18n/no-raw-text': 'off' },
  },
)
