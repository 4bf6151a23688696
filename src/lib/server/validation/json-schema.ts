/** The JSON Schema of a job file, from the same definition. */
import { jobDefinition, REQUIRED } from '$core/job/definition.ts';
import type { Field, Fields } from '$core/job/field.ts';
import { SIDES } from '$core/geometry/shapes.ts';
import { LONGEST_MM } from '$core/units/length.ts';

type Schema = Record<string, unknown>;

export function jobJsonSchema(): Schema {
	return {
		$schema: 'http://json-schema.org/draft-07/schema#',
		title: 'Rare Keep job file',
		...group(jobDefinition.fields, REQUIRED)
	};
}

function schemaOf(field: Field): Schema {
	switch (field.kind) {
		case 'length':
			return { description: field.says, ...length(field.zero) };
		case 'sides':
			return { description: field.says, anyOf: [length(field.zero), sides(field.zero)] };
		case 'lengthOrWord':
			return { description: field.says, anyOf: [length(true), sides(true), { enum: field.words }] };
		case 'text':
			return { description: field.says, type: 'string', maxLength: field.most };
		case 'choice':
			return { description: field.says, enum: field.of };
		case 'number':
			return { description: field.says, type: field.whole ? 'integer' : 'number', minimum: field.least, maximum: field.most };
		case 'flag':
			return { description: field.says, type: 'boolean' };
		case 'list':
			return { description: field.says, type: 'array', items: schemaOf(field.of), maxItems: field.most };
		case 'none':
			return { description: field.says, anyOf: [{ type: 'null' }, schemaOf(field.or)] };
		case 'either':
			return { description: field.says, anyOf: field.of.map(schemaOf) };
		case 'group':
			return { description: field.says, ...group(field.fields) };
	}
}

function group(fields: Fields, required: readonly string[] = []): Schema {
	return {
		type: 'object',
		properties: Object.fromEntries(Object.entries(fields).map(([key, field]) => [key, schemaOf(field)])),
		patternProperties: { '^x-': {} },
		additionalProperties: false,
		...(required.length > 0 ? { required } : {})
	};
}

/** A number is millimetres; a string is a length as people write it, which a schema cannot read. */
function length(zero?: true): Schema {
	return {
		anyOf: [
			{ type: 'number', ...(zero ? { minimum: 0 } : { exclusiveMinimum: 0 }), exclusiveMaximum: LONGEST_MM },
			{ type: 'string', minLength: 1, maxLength: 40 }
		]
	};
}

function sides(zero?: true): Schema {
	return {
		type: 'object',
		properties: Object.fromEntries(SIDES.map((side) => [side, length(zero)])),
		additionalProperties: false
	};
}
