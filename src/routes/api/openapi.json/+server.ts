import { openApiDocument } from '$lib/server/openapi/document';
import { tagged } from '$lib/server/tagged';

let described: ReturnType<typeof openApiDocument> | null = null;

/** Returns the description of all services, OpenAPI 3.1. */
export const GET = ({ request }) => tagged(request, (described ??= openApiDocument()));
