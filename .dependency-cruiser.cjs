// No circle of imports anywhere, type imports and dynamic ones counted: docs/architecture.md draws arrows, not rings.
module.exports = {
  forbidden: [{ name: "no-circle", severity: "error", from: {}, to: { circular: true } }],
  options: {
    tsConfig: { fileName: "tsconfig.json" },
    tsPreCompilationDeps: true,
    doNotFollow: { path: "node_modules" },
  },
};
