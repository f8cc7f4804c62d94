/** The one-way rule: core <- contract <- server, web; and inside each the order of its folders. */
const orders = {
  core: [
    "measure",
    "languages",
    "catalogue",
    "forms",
    "keeping",
    "basket",
    "trim",
    "dressing",
    "recipes",
    "larder",
    "match",
    "shopping",
    "plan",
    "cook",
    "plate",
    "exchange",
  ],
  server: [
    "context",
    "persistence",
    "http",
    "workers",
    "stock",
    "catalogue",
    "basket",
    "trim",
    "dressing",
    "recipes",
    "larder",
    "match",
    "shopping",
    "plan",
    "cook",
    "plate",
    "exchange",
    "kitchen",
    "devices",
    "today",
    "demo",
    "commands",
  ],
  web: [
    "ui",
    "client",
    "catalogue",
    "basket",
    "trim",
    "dressing",
    "recipes",
    "exchange",
    "larder",
    "match",
    "shopping",
    "plan",
    "cook",
    "plate",
    "kitchen",
    "today",
    "shell",
    "app",
  ],
};

/** A folder imports only from those before it; in core through their index alone. */
const looksBackOnly = (side, door) =>
  orders[side].map((folder, i) => ({
    name: `${side}-${folder}-looks-back-only`,
    comment: `A folder of ${side} imports only from those before it.`,
    severity: "error",
    from: { path: `^${side}/src/${folder}/`, pathNot: "\\.test\\.ts$" },
    to: {
      path: `^${side}/src/`,
      pathNot: [
        `^${side}/src/${folder}/`,
        ...orders[side].slice(0, i).map((earlier) => `^${side}/src/${earlier}/${door}`),
      ],
    },
  }));

/** Every folder has its place in the order: a new one is put there, or nothing may import it. */
const everyFolderOrdered = Object.entries(orders).map(([side, folders]) => ({
  name: `${side}-folder-has-a-place`,
  severity: "error",
  from: {},
  to: { path: `^${side}/src/[^/]+/`, pathNot: folders.map((folder) => `^${side}/src/${folder}/`) },
}));

module.exports = {
  forbidden: [
    { name: "no-circular", severity: "error", from: {}, to: { circular: true } },
    {
      name: "core-alone",
      severity: "error",
      from: { path: "^core/src", pathNot: "\\.test\\.ts$" },
      to: { path: "^(contract|server|web|e2e|scripts)/" },
    },
    {
      name: "core-no-node",
      severity: "error",
      from: { path: "^core/src", pathNot: "\\.test\\.ts$" },
      to: { dependencyTypes: ["core"] },
    },
    {
      name: "core-few-packages",
      comment: "Pure packages only; a new one is a decision.",
      severity: "error",
      from: { path: "^core/src", pathNot: "\\.test\\.ts$" },
      to: {
        path: "node_modules",
        pathNot:
          "node_modules/(date-fns|numeric-quantity|parse-ingredient|fastest-levenshtein|papaparse|htmlparser2|iso8601-duration|javascript-lp-solver|highs|pluralize)/",
      },
    },
    {
      name: "contract-on-core-only",
      severity: "error",
      from: { path: "^contract/" },
      to: { path: "^(server|web|e2e)/" },
    },
    { name: "web-not-server", severity: "error", from: { path: "^web/" }, to: { path: "^server/" } },
    {
      name: "web-without-tables",
      comment: "Figures reach the browser through the API, with the kitchen's own in them.",
      severity: "error",
      from: { path: "^web/src/" },
      to: { path: "^core/src/catalogue/(reference|tables)" },
    },
    { name: "server-not-web", severity: "error", from: { path: "^server/" }, to: { path: "^web/" } },
    {
      name: "typeorm-in-persistence-only",
      severity: "error",
      from: { path: "^server/src", pathNot: "^server/src/persistence/" },
      to: { path: "node_modules/(typeorm|pg)/" },
    },
    {
      name: "only-main-opens-persistence",
      comment: "Use cases see stores as ports.",
      severity: "error",
      from: {
        path: "^server/src",
        pathNot: ["^server/src/persistence/", "^server/src/(main\\.ts|commands/)"],
      },
      to: { path: "^server/src/persistence/" },
    },
    {
      name: "ui-knows-no-food",
      comment: "Fields and marks know nothing of food, stations or the API.",
      severity: "error",
      from: { path: "^web/src/ui/" },
      to: { path: "^contract/" },
    },
    ...looksBackOnly("core", "index\\.ts$"),
    ...looksBackOnly("server", ""),
    ...looksBackOnly("web", ""),
    ...everyFolderOrdered,
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: "(^|/)(dist|node_modules/\\.cache)/" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.base.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["types", "import", "default"],
      extensions: [".ts", ".vue", ".js", ".mjs", ".json"],
    },
  },
};
