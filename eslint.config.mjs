import next from 'eslint-config-next';
import boundaries from 'eslint-plugin-boundaries';

// Which folder may import which. `here` is a folder's own files; what is not listed is refused.
const LOW = ['base'];
const RULES = [...LOW, 'colour', 'geometry', 'rules'];
const RANKS = [...RULES, 'packing', 'model', 'room', 'textiles'];
const CORE = [...RANKS, 'stage', 'spread', 'stash', 'safety', 'plan'];
export const BORDERS = {
  base: ['base'],
  colour: ['colour', ...LOW],
  geometry: ['geometry', ...LOW],
  rules: ['rules', ...LOW],
  packing: ['packing', ...RULES],
  model: ['model', ...RULES],
  room: ['room', 'model', ...RULES],
  textiles: ['textiles', 'packing', 'room', 'model', ...RULES],
  stage: ['own stage', ...RANKS],
  spread: ['spread', ...RANKS],
  stash: ['stash', ...RANKS],
  safety: ['safety', ...RANKS],
  plan: CORE,
  messages: ['messages', ...CORE],
  data: ['data', ...CORE],
  drawing: ['drawing', 'ui', ...CORE],
  server: ['server', 'data', 'messages', 'drawing', ...CORE],
  actions: ['actions', 'server', ...CORE],
  workers: ['own worker', ...CORE],
  ui: ['ui', 'base', 'colour'],
  shell: ['shell', 'actions', 'workers', 'ui', 'drawing', 'messages', ...CORE],
  feature: ['own feature', 'shell', 'actions', 'workers', 'ui', 'messages', ...CORE],
  app: ['app', 'server', 'actions', 'ui', 'shell', 'feature', 'messages', ...CORE],
};

const OWN = { 'own stage': 'stage', 'own feature': 'feature', 'own worker': 'workers' };
const policies = Object.entries(BORDERS).flatMap(([from, to]) => [
  {
    from: { element: { type: from } },
    allow: { to: { element: { types: { anyOf: to.filter((t) => !(t in OWN)) } } } },
  },
  ...to
    .filter((t) => t in OWN)
    .map((t) => ({
      from: { element: { type: from } },
      allow: { to: { element: { type: OWN[t], captured: { name: '{{ from.element.captured.name }}' } } } },
    })),
]);

const coreFolders = [
  'base',
  'colour',
  'geometry',
  'rules',
  'packing',
  'model',
  'room',
  'textiles',
  'spread',
  'stash',
  'safety',
  'plan',
];
export const elements = [
  ...coreFolders.map((type) => ({ type, pattern: `src/core/${type}` })),
  { type: 'stage', pattern: 'src/core/stages/*', capture: ['name'] },
  { type: 'shell', pattern: 'src/features/shell' },
  { type: 'feature', pattern: 'src/features/*', capture: ['name'] },
  { type: 'workers', pattern: 'src/workers/*', capture: ['name'] },
  ...['messages', 'data', 'server', 'actions', 'ui', 'drawing', 'app'].map((type) => ({
    type,
    pattern: `src/${type}`,
  })),
];

export const borders = {
  plugins: { boundaries },
  settings: {
    'boundaries/elements': elements,
    'import/resolver': { typescript: { alwaysTryTypes: true, project: './tsconfig.json' } },
  },
  rules: { 'boundaries/dependencies': ['error', { default: 'disallow', policies }] },
};

const outside = (allowed, message) => [
  'error',
  { patterns: [{ regex: `^(?!\\.{1,2}/|@/${allowed.map((a) => `|${a}(/|$)`).join('')})`, message }] },
];
const noServerParts = {
  patterns: [
    { regex: '^(zod|better-sqlite3|pdf-lib)(/|$)', message: 'Stays on the server: screens take types only.' },
  ],
};

/** How much one line, function and file may hold. */
const LIMITS = {
  'max-len': [
    'error',
    {
      code: 130,
      ignoreStrings: true,
      ignoreTemplateLiterals: true,
      ignoreRegExpLiterals: true,
      ignoreUrls: true,
      ignorePattern: 'className=|eslint-disable',
    },
  ],
  complexity: ['error', 15],
  'max-params': ['error', 5],
  'no-nested-ternary': 'error',
  'max-lines': ['error', { max: 350 }],
};
const longestFunction = (max) => ({ 'max-lines-per-function': ['error', { max, IIFEs: true }] });

const config = [
  {
    ignores: [
      '.next/**',
      '.rideau/**',
      'node_modules/**',
      'next-env.d.ts',
      'tests/arch/violations/**',
      'data/**',
    ],
  },
  ...next,
  // photos are the studio's own, kept at the sizes in which they are shown: nothing is left to optimise
  {
    rules: {
      'no-console': 'error',
      eqeqeq: 'error',
      'prefer-const': 'error',
      '@next/next/no-img-element': 'off',
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
    },
  },
  { files: ['**/*.{ts,tsx,mjs,mts}'], rules: LIMITS },
  { files: ['**/*.{ts,mjs,mts}'], rules: longestFunction(100) },
  { files: ['**/*.tsx'], rules: longestFunction(150) },
  // a test file is a list of cases: the block that holds them has no length of its own
  { files: ['**/*.{test,spec}.{ts,tsx}'], rules: { 'max-lines-per-function': 'off' } },
  { files: ['scripts/**', 'demo/**', 'tests/bench/**'], rules: { 'no-console': 'off' } },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/**/*.test.{ts,tsx}', 'src/proxy.ts', 'src/instrumentation.ts'],
    ...borders,
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['src/**/*.test.ts'],
    rules: {
      'no-restricted-imports': outside(
        ['date-fns', 'yalps'],
        'The core takes everything as a parameter and imports no package but the calendar and the solver.',
      ),
      'no-restricted-globals': [
        'error',
        'process',
        'window',
        'document',
        'fetch',
        'setTimeout',
        'console',
        'structuredClone',
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: 'Chance comes in as a seed.',
        },
        {
          selector: "MemberExpression[object.name='Date'][property.name='now']",
          message: 'Time is passed in.',
        },
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Time is passed in.' },
      ],
    },
  },
  {
    files: ['src/core/colour/spaces.ts'],
    rules: { 'no-restricted-imports': outside(['culori'], 'Only the colour library.') },
  },
  {
    files: ['src/core/model/schema/*.ts', 'src/core/model/changeSchema.ts', 'src/core/model/types.ts'],
    rules: { 'no-restricted-imports': outside(['zod'], 'Only the schema library.') },
  },
  {
    files: ['src/features/**/*.{ts,tsx}', 'src/ui/**/*.{ts,tsx}'],
    rules: { 'no-restricted-imports': ['error', noServerParts] },
  },
  {
    files: ['src/{server,actions,app,messages}/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ regex: '^better-sqlite3(/|$)', message: 'Only src/data opens the database.' }] },
      ],
    },
  },
];
export default config;
