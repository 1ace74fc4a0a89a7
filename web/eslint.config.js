import js from '@eslint/js';
import a11y from 'eslint-plugin-jsx-a11y';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
    { ignores: ['dist', 'target', 'src/api/schema.d.ts', 'node_modules'] },
    js.configs.recommended,
    ...ts.configs.recommended,
    a11y.flatConfigs.recommended,
    {
        plugins: { 'react-hooks': hooks },
        rules: {
            ...hooks.configs.recommended.rules,
            // a seal's role is a pattern's, not an element's
            'jsx-a11y/aria-role': ['error', { ignoreNonDOM: true }],
            // code that scrolls sideways must be reachable by keyboard
            'jsx-a11y/no-noninteractive-tabindex': ['error', { tags: ['pre'], roles: [] }],
        },
    },
);
