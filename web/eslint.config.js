import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['target', 'src/api/schema.ts'] },
  ...tseslint.configs.strict,
  hooks.configs.flat.recommended,
  {
    // What was fetched stays on the screen: that rule is held in one place, and every screen asks there.
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/app/useQuery.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: '@tanstack/react-query',
              importNames: ['useQuery', 'useQueries', 'useSuspenseQuery'],
              message: 'Import useQuery from app/useQuery.',
            },
          ],
        },
      ],
    },
  },
);
