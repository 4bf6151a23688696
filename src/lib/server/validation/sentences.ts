/** What a body's faults are said in, where a call has no better words for its own. */
export const SENTENCES = {
	'object.base': 'Must be a group of keys in curly brackets.',
	'object.unknown': 'This key is not known here.',
	'any.required': 'This is missing.',
	'any.only': 'This is one of {#valids}.',
	'number.base': 'Enter a number; lengths are in millimetres.',
	'number.integer': '{#value} is no whole number.',
	'number.min': '{#value} is less than {#limit}.',
	'number.max': '{#value} is more than {#limit}.',
	'number.greater': '{#value} is not more than {#limit}.',
	'number.less': '{#value} is not less than {#limit}.',
	'number.unsafe': 'This number is too large.',
	'string.base': 'Enter text.',
	'string.empty': 'This is empty.',
	'string.max': 'This is longer than {#limit} letters.',
	'array.base': 'Must be a list.',
	'boolean.base': 'Enter true or false.'
};
