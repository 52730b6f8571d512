import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript'
import i18n from '@intlify/eslint-plugin-vue-i18n'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'

/** Folders from the ground up: each may import those of earlier rows, never one of its own row or a later one, so that there is no cycle. */
const ROWS = [
  ['words', 'theme'],
  ['api'],
  ['measure'],
  ['parts'],
  ['material'],
  ['need'],
  ['caution'],
  ['reading'],
  ['outcome'],
  ['assay', 'dry', 'find', 'planting', 'shelf', 'trouble'],
  ['pot'],
  ['batch'],
  ['care'],
  ['blend'],
  ['shell'],
]
const folderRules = ROWS.flatMap((row, at) =>
  row.map((folder) => ({
    files: [`src/${folder}/**`],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            ...ROWS.slice(at)
              .flat()
              .filter((other) => other !== folder)
              .map((other) => ({
                group: [`@/${other}`, `@/${other}/**`, `../${other}/**`],
                message: `${folder} is built before ${other} and must not know it.`,
              })),
            { group: ['@/testing/**'], message: 'What helps tests is for tests.' },
          ],
        },
      ],
    },
  })),
)

export default defineConfigWithVueTs(
  { ignores: ['target/**', 'node_modules/**', 'src/api/generated/**'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.strict,
  i18n.configs['flat/base'],
  prettier,
  {
    settings: { 'vue-i18n': { localeDir: './src/words/en.json', messageSyntaxVersion: '^11.0.0' } },
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
  folderRules,
  {
    files: ['**/*.test.ts'],
    rules: { '@intlify/vue-i18n/no-raw-text': 'off' },
  },
)
