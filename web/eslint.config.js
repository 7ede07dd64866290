import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['target', 'src/api/schema.ts'] },
  ...tseslint.configs.strict,
  hooks.configs.flat.recommended,
);
