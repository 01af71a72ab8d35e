import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

// core → storefront → studio / server → demo: each imports only what stands before it.
const layers = {
  core: [],
  storefront: ['core'],
  studio: ['core', 'storefront'],
  server: ['core', 'storefront'],
  demo: ['core', 'server'],
  e2e: ['core', 'storefront', 'studio', 'server', 'demo'],
  bench: ['core', 'storefront', 'studio', 'server', 'demo', 'e2e'],
};

/** Layouts, bays, parts and labels are known by name in their own files only: everything else asks the kind. */
const byName = ['BinaryExpression[operator=/^[!=]==$/]', 'SwitchStatement'].flatMap((where) => {
  const side = where === 'SwitchStatement' ? 'discriminant' : 'left';
  return ['property.name', 'name'].map((name) => ({
    selector: `${where}[${side}.${name}=/^(holds|layout|part|label)(Id)?$/]${
      where === 'SwitchStatement' ? '' : '[right.type="Literal"][right.raw=/^.[a-z]/]'
    }`,
    message: 'Ask the kind (layoutKind, bayKind, partKind), not its name.',
  }));
});
const kindsByCall = {
  selector: 'CallExpression[callee.name=/^(layoutKind|bayKind|partKind)$/][arguments.0.type="Literal"]',
  message: 'A kind is found by what a document says, not by its name.',
};

/** A browser can miss that such a rule holds, when the window changes while styles arrive; containers follow the layout. */
const noWidthOfWindow = {
  selector: 'TemplateElement[value.raw=/@media[^{]*width/]',
  message: 'The studio follows "@container studio", not the window.',
};

const noNode = {
  selector: 'ImportDeclaration[source.value=/^node:/]',
  message: 'The core has no Node in it.',
};

export default tseslint.config(
  { ignores: ['dist', 'node_modules', '.data', 'test-results'] },
  ...tseslint.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true },
      ],
      eqeqeq: 'error',
    },
  },
  {
    // What needs types: promises that nobody waits for, or that are given where none is waited for.
    files: ['**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': 'error',
      '@typescript-eslint/await-thenable': 'error',
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      '@typescript-eslint/only-throw-error': 'error',
    },
  },
  ...Object.entries(layers).map(([layer, allowed]) => ({
    files: [`${layer}/**/*.{ts,tsx}`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              regex: `^(\\.\\./)+(${Object.keys(layers)
                .filter((other) => other !== layer && !allowed.includes(other))
                .join('|')})/`,
              message: `${layer} may import only from itself${allowed.length ? ` and ${allowed.join(', ')}` : ''}.`,
            },
            ...(layer === 'core'
              ? [
                  {
                    // Tests may read the stores that are kept beside them.
                    regex: '^(node:(?!fs$)|react|fastify|pg$|sharp)',
                    message: 'The core has no interface, no Node and no SQL.',
                  },
                ]
              : []),
          ],
        },
      ],
    },
  })),
  {
    // The core is plain computation: no interface, no Node, no database.
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'fetch', 'localStorage'],
      'no-restricted-syntax': ['error', noNode],
    },
  },
  ...Object.entries({ core: [noNode], '{storefront,server}': [], studio: [noWidthOfWindow] }).map(
    ([layer, own]) => ({
      files: [`${layer}/**/*.{ts,tsx}`],
      ignores: [
        '**/*.test.{ts,tsx}',
        'core/{layouts,bays,card/parts,label/labels,plan/upgrades,specimen}/*.ts',
        'storefront/{layouts,bays,parts}/**',
      ],
      rules: {
        'no-restricted-syntax': ['error', ...byName, kindsByCall, ...own],
      },
    }),
  ),
  {
    files: ['studio/**/*.tsx', 'studio/**/*.ts', 'storefront/**/*.tsx'],
    ...reactHooks.configs.flat.recommended,
  },
);
