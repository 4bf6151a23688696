/** What a body's faults are said in, where a call has no better words for its own. */
export const SENTENCES = {
	'object.base': 'Must be a group of keys in curly brackets.',
	'object.unknown': 'This key is not recognised.',
	'any.required': 'This is missing.',
	'any.only': 'Enter one of {#valids}.',
	'number.base': 'Enter a number; lengths are in millimetres.',
	'number.integer': '{#value} is not a whole number.',
	'number.min': '{#value} is below {#limit}.',
	'number.max': '{#value} is above {#limit}.',
	'number.greater': '{#value} must be more than {#limit}.',
	'number.less': '{#value} must be less than {#limit}.',
	'number.unsafe': 'This number is too large.',
	'string.base': 'Enter text.',
	'string.empty': 'This is empty.',
	'string.max': 'This is longer than {#limit} letters.',
	'array.base': 'Must be a list.',
	'boolean.base': 'Enter true or false.'
};
