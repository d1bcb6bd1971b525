/** As much of an OpenAPI description as the tests look at. */
export interface SchemaObject {
	properties?: Record<string, unknown>;
	required?: string[];
}
interface Description {
	openapi: string;
	paths: Record<
		string,
		{ post: { requestBody: { content: Record<'application/json', { schema: SchemaObject }> } } }
	> & {
		'/api/v1/hook': {
			post: { requestBody: { content: Record<'application/json', { schema: SchemaObject }> } };
		};
	};
}

export const isOpenApi = (value: unknown): value is Description =>
	typeof value === 'object' && value !== null && 'openapi' in value && 'paths' in value;
