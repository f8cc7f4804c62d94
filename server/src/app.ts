import type { Hono, MiddlewareHandler } from "hono";
import { Hono as HonoApp } from "hono";
import { bodyLimit } from "hono/body-limit";
import { except } from "hono/combine";
import { compress } from "hono/compress";
import { csrf } from "hono/csrf";
import { HTTPException } from "hono/http-exception";
import { requestId } from "hono/request-id";
import { secureHeaders } from "hono/secure-headers";
import { basketUseCases } from "./basket/routes.ts";
import { kitchenCatalogues } from "./context/kitchen-catalogue.ts";
import { onceForAll } from "./context/once.ts";
import { catalogueUseCases } from "./catalogue/routes.ts";
import { cookUseCases } from "./cook/routes.ts";
import { deviceUseCases } from "./devices/routes.ts";
import { mountLiveStream } from "./devices/live-stream.ts";
import { dressingUseCases } from "./dressing/routes.ts";
import { mountUseCases } from "./http/mount.ts";
import { mountPhotos } from "./http/photo.ts";
import { onlyAllowedHosts } from "./http/allowed-hosts.ts";
import { openApiDocument } from "./http/openapi.ts";
import { later, problemOfState, problemReply } from "./http/problem.ts";
import { replyCache } from "./http/reply-cache.ts";
import type { Deps } from "./context/request-context.ts";
import { accountUseCases, kitchenUseCases, peopleUseCases } from "./kitchen/routes.ts";
import { HashingBusy } from "./kitchen/passwords.ts";
import { mountAuthRoutes } from "./kitchen/auth-routes.ts";
import { TooMuchWork } from "./context/ports/workers.ts";
import { sqlState } from "./context/sql-state.ts";
import { larderUseCases } from "./larder/routes.ts";
import { matchUseCases } from "./match/routes.ts";
import { shoppingUseCases } from "./shopping/routes.ts";
import { planUseCases } from "./plan/routes.ts";
import { recipeUseCases } from "./recipes/routes.ts";
import { plateUseCases } from "./plate/routes.ts";
import { demoMembers } from "./demo/kitchen.ts";
import { demoUseCases } from "./demo/routes.ts";
import { demoOpener } from "./demo/seed.ts";
import { exchangeUseCases } from "./exchange/routes.ts";
import { mountWholeKitchen } from "./exchange/whole-kitchen-routes.ts";
import { todayUseCases } from "./today/routes.ts";
import { trimUseCases } from "./trim/routes.ts";

const largestBody = 512 * 1024;
/** A shrunk photo as base64. */
const largestPhoto = 900 * 1024;
/** A lots file of five thousand rows fits, and a list of two thousand lines. */
const largestFile = 2 * 1024 * 1024;
const listPaths = ["/api/lots/import", "/api/intakes", "/api/lines/read", "/api/recipes/import"];
/** A whole library of recipes with its pages around it. */
const largestLibrary = 8.5 * 1024 * 1024;
/** Years of a kitchen with its photos. */
const largestKitchen = 64 * 1024 * 1024;
const wholePath = "/api/everything";
const photoPath = "/api/recipes/:id/photo";
const libraryPath = "/api/recipes/read";

/** The whole service as a function of what it depends on; opens nothing itself. */
export function createApp(deps: Deps): Hono {
  const app = new HonoApp();
  protect(app, deps);
  const mountContext = {
    deps,
    cache: replyCache(),
    underway: new Map(),
    catalogues: kitchenCatalogues(deps.catalogue),
    shared: onceForAll(),
  };
  mountAuthRoutes(app, deps, { cook: demoMembers[0], open: demoOpener(deps) });
  const document = JSON.stringify(openApiDocument(deps.version, deps.cookieName));
  app.get("/api/openapi.json", (c) =>
    c.body(document, 200, { "content-type": "application/json; charset=utf-8" }),
  );
  mountUseCases(app, catalogueUseCases, mountContext);
  mountUseCases(app, basketUseCases, mountContext);
  mountUseCases(app, trimUseCases, mountContext);
  mountUseCases(app, dressingUseCases, mountContext);
  mountUseCases(app, recipeUseCases, mountContext);
  mountUseCases(app, matchUseCases, mountContext);
  mountUseCases(app, shoppingUseCases, mountContext);
  mountUseCases(app, planUseCases, mountContext);
  mountUseCases(app, cookUseCases, mountContext);
  mountUseCases(app, larderUseCases, mountContext);
  mountUseCases(app, todayUseCases, mountContext);
  mountUseCases(app, deviceUseCases, mountContext);
  mountUseCases(app, kitchenUseCases, mountContext);
  mountUseCases(app, peopleUseCases, mountContext);
  mountUseCases(app, accountUseCases, mountContext);
  mountUseCases(app, plateUseCases, mountContext);
  mountUseCases(app, exchangeUseCases, mountContext);
  mountUseCases(app, demoUseCases, mountContext);
  mountLiveStream(app, deps);
  mountPhotos(app, deps);
  mountWholeKitchen(app, mountContext);
  app.all("/api/*", (c) => problemReply(c, { status: 404, code: "no-such-route" }));
  return app;
}

/** Pages may load what ships with the program and nothing else. */
const pageHeaders = (isTls: boolean): MiddlewareHandler =>
  secureHeaders({
    // A browser that was told so once would never come back over plain HTTP.
    strictTransportSecurity: isTls,
    contentSecurityPolicy: {
      defaultSrc: ["'self'"],
      // The solver that plans the coming days is WebAssembly; text is still never run.
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      // PrimeVue writes its theme into a style element at run time.
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", "data:"],
      frameAncestors: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      objectSrc: ["'none'"],
    },
  });

/** Replies are data: set beforehand, so that sending a remembered reply touches nothing twice. */
const apiHeaders: MiddlewareHandler = async (c, next) => {
  c.header("x-content-type-options", "nosniff");
  c.header("content-security-policy", "default-src 'none'; frame-ancestors 'none'");
  c.header("referrer-policy", "no-referrer");
  await next();
};

const atMost = (maxSize: number): MiddlewareHandler =>
  bodyLimit({ maxSize, onError: (c) => problemReply(c, { status: 413, code: "body-too-large" }) });

function protect(app: Hono, deps: Deps): void {
  app.use(requestId());
  app.use(onlyAllowedHosts(deps.hosts));
  app.use(except("/api/*", pageHeaders(deps.secureCookies), compress()));
  app.use("/api/*", apiHeaders);
  app.use("/api/*", csrf());
  app.use("/api/*", except([...listPaths, libraryPath, photoPath, wholePath], atMost(largestBody)));
  app.use(photoPath, atMost(largestPhoto));
  for (const path of listPaths) app.use(path, atMost(largestFile));
  app.use(libraryPath, atMost(largestLibrary));
  app.use(wholePath, atMost(largestKitchen));
  app.onError((error, c) => {
    if (error instanceof HTTPException) return problemReply(c, { status: error.status, code: "not-allowed" });
    if (error instanceof TooMuchWork) return later(c, 503, { code: error.code, waitS: 5 });
    if (error instanceof HashingBusy) return later(c, 503, { code: "busy", waitS: 1 });
    const known = problemOfState(sqlState(error));
    if (known) return problemReply(c, known);
    deps.log("request failed", {
      requestId: c.get("requestId" as never),
      path: c.req.path,
      error: String(error.stack),
    });
    return problemReply(c, { status: 500, code: "internal" });
  });
}
