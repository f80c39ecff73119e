import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['src/api/schema.gen.ts'] },
  ...tseslint.configs.strict,
  reactHooks.configs.flat['recommended-latest'],
  jsxA11y.flatConfigs.recommended,
);
