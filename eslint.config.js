import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

const noClock = (where) => [
  'error',
  {
    selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
    message: `Ask the injected clock, ${where}.`
  },
  {
    selector: "NewExpression[callee.name='Date'][arguments.length=0]",
    message: `Ask the injected clock, ${where}.`
  },
  {
    selector: "CallExpression[callee.object.name='performance']",
    message: `Ask the injected clock, ${where}.`
  },
  {
    selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
    message: 'Randomness comes in as an argument.'
  }
];

export default ts.config(
  {
    ignores: [
      'build/',
      '.svelte-kit/',
      'node_modules/',
      'data/',
      'test-results/',
      'playwright-report/',
      '.dependency-cruiser.cjs'
    ]
  },
  js.configs.recommended,
  ...ts.configs.recommendedTypeChecked,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  {
    languageOptions: {
      globals: { ...globals.browser, ...globals.node },
      parserOptions: {
        projectService: { allowDefaultProject: ['eslint.config.js', 'svelte.config.js'] },
        extraFileExtensions: ['.svelte']
      }
    },
    rules: {
      'no-undef': 'off',
      'svelte/no-navigation-without-resolve': 'off',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', ignoreRestSiblings: true }],
      'max-lines': ['error', { max: 250 }]
    }
  },
  {
    files: ['src/**/*.ts'],
    rules: { 'max-lines-per-function': ['error', { max: 40, skipBlankLines: true, skipComments: true }] }
  },
  {
    // A table, the demo's season row by row; and scripts that are read from top to bottom.
    files: ['src/lib/server/demo/season.ts', 'scripts/**/*.mjs'],
    rules: { 'max-lines': 'off' }
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser, svelteConfig } }
  },
  {
    // What a snippet is given is typed for svelte-check, but not for this parser.
    files: ['**/*.svelte'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off'
    }
  },
  {
    files: ['src/**/*.ts', 'src/**/*.svelte'],
    rules: { 'no-restricted-syntax': noClock('never the time of the machine') }
  },
  {
    // The router drops a page being opened when it is asked to look again meanwhile.
    files: ['src/**/*.ts', 'src/**/*.svelte'],
    ignores: ['src/lib/ui/house/look-again.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: '$app/navigation',
              importNames: ['invalidate', 'invalidateAll'],
              message: 'Use lookAgain of ui/house/look-again.'
            }
          ]
        }
      ]
    }
  },
  { files: ['src/lib/server/clock.ts'], rules: { 'no-restricted-syntax': 'off' } },
  {
    // The core knows no clock, no locale, no machine and no browser.
    files: ['src/lib/core/**/*.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'localStorage',
        'navigator',
        'Intl',
        'setTimeout',
        'setInterval',
        'crypto',
        'performance'
      ],
      'no-restricted-properties': [
        'error',
        ...[
          'getDay',
          'getDate',
          'getMonth',
          'getFullYear',
          'getHours',
          'getMinutes',
          'toLocaleString',
          'toLocaleDateString',
          'getTimezoneOffset'
        ].map((property) => ({ property, message: 'Local time and locale are applied at the edge.' }))
      ]
    }
  },
  {
    files: ['**/*.mjs', '*.js'],
    ...ts.configs.disableTypeChecked
  },
  {
    files: ['tests/**/*.ts'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      'max-lines': 'off'
    }
  }
);
