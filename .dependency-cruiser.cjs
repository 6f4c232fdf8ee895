/** What may rest on what, type imports too: tests/architecture holds the layers and the order of the core's folders. */
module.exports = {
  forbidden: [
    {
      name: 'no-circle',
      severity: 'error',
      comment:
        'Two modules that need one another are one module: move what both need to where both may look.',
      from: {},
      to: { circular: true },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(\\.test\\.ts$|\\.svelte$|^\\.svelte-kit)' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['browser', 'import', 'default'] },
  },
};
