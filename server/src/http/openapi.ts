import {
  endpoints,
  idempotencyHeader,
  Problem,
  routeOf,
  type Endpoint,
  type EndpointName,
} from "@apron/contract";
import { OpenAPIRegistry, OpenApiGeneratorV31, type RouteConfig } from "@asteasolutions/zod-to-openapi";
import { z } from "zod";

const refusals = {
  "4XX": {
    description: "Refused; `code` is stable and `field` names the entry at fault",
    content: { "application/problem+json": { schema: Problem } },
  },
};

function routeConfig(name: EndpointName): RouteConfig {
  const [method, path] = routeOf(name);
  const endpoint: Endpoint = endpoints[name];
  const key = z.object({ [idempotencyHeader]: z.uuid() });
  return {
    method,
    path,
    operationId: name,
    summary: endpoint.summary,
    security: endpoint.open ? [] : [{ session: [] }],
    request: {
      ...(endpoint.params && { params: endpoint.params }),
      ...(endpoint.query && { query: endpoint.query }),
      ...(endpoint.body && { body: { content: { "application/json": { schema: endpoint.body } } } }),
      ...(endpoint.writes && { headers: key }),
    },
    responses: {
      [endpoint.status]: {
        description: "Done",
        content: { [endpoint.media ?? "application/json"]: { schema: endpoint.reply } },
      },
      ...refusals,
    },
  };
}

/** The OpenAPI 3.1 description of every route, built from the same schemas that validate. */
export function openApiDocument(version: string, cookieName: string): object {
  const registry = new OpenAPIRegistry();
  registry.registerComponent("securitySchemes", "session", {
    type: "apiKey",
    in: "cookie",
    name: cookieName,
  });
  for (const name of Object.keys(endpoints) as EndpointName[]) registry.registerPath(routeConfig(name));
  return new OpenApiGeneratorV31(registry.definitions).generateDocument({
    openapi: "3.1.0",
    info: {
      title: "Apron Plate",
      version,
      description: "The kitchen's computations and records. Grams, days and minor units of money throughout.",
    },
    servers: [{ url: "/" }],
  });
}
