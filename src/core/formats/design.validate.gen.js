// Generated from schemas/design.schema.json by npm run gen. Do not edit.
// \0rolldown/runtime.js
var __commonJSMin = (cb, mod) => () => (mod || (cb((mod = { exports: {} }).exports, mod, mod.exports), cb = null), mod.exports);
// node_modules/ajv/dist/runtime/ucs2length.js
var require_ucs2length = /* @__PURE__ */ __commonJSMin(((exports) => {
	Object.defineProperty(exports, "__esModule", { value: true });
	function ucs2length(str) {
		const len = str.length;
		let length = 0;
		let pos = 0;
		let value;
		while (pos < len) {
			length++;
			value = str.charCodeAt(pos++);
			if (value >= 55296 && value <= 56319 && pos < len) {
				value = str.charCodeAt(pos);
				if ((value & 64512) === 56320) pos++;
			}
		}
		return length;
	}
	exports.default = ucs2length;
	ucs2length.code = "require(\"ajv/dist/runtime/ucs2length\").default";
}));
// node_modules/.cache/warp-beam-gen/design.mjs
const validate = validate10;
var design_default = validate10;
const schema11 = {
	"$schema": "http://json-schema.org/draft-07/schema#",
	"$id": "urn:warp-beam:design:1",
	"title": "Design",
	"description": "One piece as a maker states it, version 1. Lengths in millimetres.",
	"type": "object",
	"additionalProperties": false,
	"required": [
		"format",
		"version",
		"name",
		"product",
		"wearer",
		"ease",
		"pattern",
		"cord",
		"setup",
		"cords",
		"closure"
	],
	"properties": {
		"format": { "const": "warp-beam/design" },
		"version": { "const": 1 },
		"name": {
			"type": "string",
			"minLength": 1,
			"maxLength": 120,
			"description": "What the maker calls this design."
		},
		"product": {
			"type": "string",
			"maxLength": 60,
			"description": "Id of a product, e.g. bracelet."
		},
		"wearer": {
			"type": "object",
			"additionalProperties": false,
			"required": ["name", "girthMm"],
			"properties": {
				"name": {
					"type": "string",
					"maxLength": 60
				},
				"girthMm": {
					"type": "number",
					"description": "Girth of the body where the piece sits, tape touching and not squeezing."
				}
			}
		},
		"ease": {
			"description": "How much longer than the body the band is.",
			"oneOf": [
				{
					"type": "object",
					"additionalProperties": false,
					"required": ["school", "slackMm"],
					"properties": {
						"school": { "const": "thickness" },
						"slackMm": {
							"type": "number",
							"minimum": -20,
							"maximum": 200
						}
					}
				},
				{
					"type": "object",
					"additionalProperties": false,
					"required": ["school", "addMm"],
					"properties": {
						"school": { "const": "flat" },
						"addMm": {
							"type": "number",
							"minimum": -20,
							"maximum": 200
						}
					}
				},
				{
					"type": "object",
					"additionalProperties": false,
					"required": ["school", "fingers"],
					"properties": {
						"school": { "const": "fingers" },
						"fingers": {
							"type": "integer",
							"minimum": 1,
							"maximum": 4
						},
						"fingerMm": {
							"type": "number",
							"minimum": 5,
							"maximum": 40
						}
					}
				}
			]
		},
		"pattern": {
			"type": "object",
			"additionalProperties": false,
			"required": ["id"],
			"properties": {
				"id": {
					"type": "string",
					"maxLength": 80
				},
				"name": {
					"type": "string",
					"maxLength": 80,
					"description": "Name of a weave of the maker's own."
				},
				"notation": {
					"type": "string",
					"maxLength": 2e4,
					"description": "A weave of the maker's own, carried along so that others can tie it."
				},
				"squash": {
					"type": "number",
					"minimum": .3,
					"maximum": 1,
					"description": "Row squash that it is solved with."
				},
				"load": {
					"type": "number",
					"minimum": 0,
					"maximum": 50,
					"description": "End load that it is solved with, in strand tensions."
				}
			}
		},
		"cord": {
			"type": "string",
			"maxLength": 60,
			"description": "Id of a cord type, e.g. nylon-4."
		},
		"setup": {
			"type": "object",
			"additionalProperties": false,
			"required": ["style"],
			"properties": { "style": {
				"enum": [
					"folded",
					"fused",
					"separate"
				],
				"description": "folded: one cord, hitched at its middle. fused: two colours joined into that one cord. separate: a core cord and a working cord."
			} }
		},
		"cords": {
			"type": "array",
			"minItems": 1,
			"maxItems": 2,
			"description": "folded: the cord. fused: front colour, edge colour. separate: working cord, core cord.",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": ["colour"],
				"properties": { "colour": {
					"type": "string",
					"maxLength": 60
				} }
			}
		},
		"closure": {
			"type": "object",
			"additionalProperties": false,
			"required": ["kind", "sizeMm"],
			"properties": {
				"kind": { "const": "side-release" },
				"sizeMm": { "type": "number" },
				"lengthMm": {
					"type": "number",
					"description": "Measured closed, along the curve, cord bar to cord bar; replaces the typical length."
				}
			}
		},
		"wet": {
			"enum": [
				"ignore",
				"add",
				"pre-shrink"
			],
			"description": "What is done about cord that draws up when first wetted."
		},
		"margin": { "enum": [
			"never-short",
			"measured",
			"thrifty"
		] },
		"tailMm": {
			"type": "number",
			"description": "What the hands need of each working end to tie the last row."
		},
		"roundToMm": {
			"type": "number",
			"description": "Cut lengths are rounded up to a multiple of this."
		},
		"notes": {
			"type": "string",
			"maxLength": 4e3
		}
	}
};
const func2 = Object.prototype.hasOwnProperty;
const func3 = require_ucs2length().default;
function validate10(data, { instancePath = "", parentData, parentDataProperty, rootData = data } = {}) {
	let vErrors = null;
	let errors = 0;
	if (data && typeof data == "object" && !Array.isArray(data)) {
		if (data.format === void 0) {
			const err0 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "format" },
				message: "must have required property 'format'"
			};
			if (vErrors === null) vErrors = [err0];
			else vErrors.push(err0);
			errors++;
		}
		if (data.version === void 0) {
			const err1 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "version" },
				message: "must have required property 'version'"
			};
			if (vErrors === null) vErrors = [err1];
			else vErrors.push(err1);
			errors++;
		}
		if (data.name === void 0) {
			const err2 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "name" },
				message: "must have required property 'name'"
			};
			if (vErrors === null) vErrors = [err2];
			else vErrors.push(err2);
			errors++;
		}
		if (data.product === void 0) {
			const err3 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "product" },
				message: "must have required property 'product'"
			};
			if (vErrors === null) vErrors = [err3];
			else vErrors.push(err3);
			errors++;
		}
		if (data.wearer === void 0) {
			const err4 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "wearer" },
				message: "must have required property 'wearer'"
			};
			if (vErrors === null) vErrors = [err4];
			else vErrors.push(err4);
			errors++;
		}
		if (data.ease === void 0) {
			const err5 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "ease" },
				message: "must have required property 'ease'"
			};
			if (vErrors === null) vErrors = [err5];
			else vErrors.push(err5);
			errors++;
		}
		if (data.pattern === void 0) {
			const err6 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "pattern" },
				message: "must have required property 'pattern'"
			};
			if (vErrors === null) vErrors = [err6];
			else vErrors.push(err6);
			errors++;
		}
		if (data.cord === void 0) {
			const err7 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "cord" },
				message: "must have required property 'cord'"
			};
			if (vErrors === null) vErrors = [err7];
			else vErrors.push(err7);
			errors++;
		}
		if (data.setup === void 0) {
			const err8 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "setup" },
				message: "must have required property 'setup'"
			};
			if (vErrors === null) vErrors = [err8];
			else vErrors.push(err8);
			errors++;
		}
		if (data.cords === void 0) {
			const err9 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "cords" },
				message: "must have required property 'cords'"
			};
			if (vErrors === null) vErrors = [err9];
			else vErrors.push(err9);
			errors++;
		}
		if (data.closure === void 0) {
			const err10 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "closure" },
				message: "must have required property 'closure'"
			};
			if (vErrors === null) vErrors = [err10];
			else vErrors.push(err10);
			errors++;
		}
		for (const key0 in data) if (!func2.call(schema11.properties, key0)) {
			const err11 = {
				instancePath,
				schemaPath: "#/additionalProperties",
				keyword: "additionalProperties",
				params: { additionalProperty: key0 },
				message: "must NOT have additional properties"
			};
			if (vErrors === null) vErrors = [err11];
			else vErrors.push(err11);
			errors++;
		}
		if (data.format !== void 0) {
			if ("warp-beam/design" !== data.format) {
				const err12 = {
					instancePath: instancePath + "/format",
					schemaPath: "#/properties/format/const",
					keyword: "const",
					params: { allowedValue: "warp-beam/design" },
					message: "must be equal to constant"
				};
				if (vErrors === null) vErrors = [err12];
				else vErrors.push(err12);
				errors++;
			}
		}
		if (data.version !== void 0) {
			if (1 !== data.version) {
				const err13 = {
					instancePath: instancePath + "/version",
					schemaPath: "#/properties/version/const",
					keyword: "const",
					params: { allowedValue: 1 },
					message: "must be equal to constant"
				};
				if (vErrors === null) vErrors = [err13];
				else vErrors.push(err13);
				errors++;
			}
		}
		if (data.name !== void 0) {
			let data2 = data.name;
			if (typeof data2 === "string") {
				if (func3(data2) > 120) {
					const err14 = {
						instancePath: instancePath + "/name",
						schemaPath: "#/properties/name/maxLength",
						keyword: "maxLength",
						params: { limit: 120 },
						message: "must NOT have more than 120 characters"
					};
					if (vErrors === null) vErrors = [err14];
					else vErrors.push(err14);
					errors++;
				}
				if (func3(data2) < 1) {
					const err15 = {
						instancePath: instancePath + "/name",
						schemaPath: "#/properties/name/minLength",
						keyword: "minLength",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 characters"
					};
					if (vErrors === null) vErrors = [err15];
					else vErrors.push(err15);
					errors++;
				}
			} else {
				const err16 = {
					instancePath: instancePath + "/name",
					schemaPath: "#/properties/name/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err16];
				else vErrors.push(err16);
				errors++;
			}
		}
		if (data.product !== void 0) {
			let data3 = data.product;
			if (typeof data3 === "string") {
				if (func3(data3) > 60) {
					const err17 = {
						instancePath: instancePath + "/product",
						schemaPath: "#/properties/product/maxLength",
						keyword: "maxLength",
						params: { limit: 60 },
						message: "must NOT have more than 60 characters"
					};
					if (vErrors === null) vErrors = [err17];
					else vErrors.push(err17);
					errors++;
				}
			} else {
				const err18 = {
					instancePath: instancePath + "/product",
					schemaPath: "#/properties/product/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err18];
				else vErrors.push(err18);
				errors++;
			}
		}
		if (data.wearer !== void 0) {
			let data4 = data.wearer;
			if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
				if (data4.name === void 0) {
					const err19 = {
						instancePath: instancePath + "/wearer",
						schemaPath: "#/properties/wearer/required",
						keyword: "required",
						params: { missingProperty: "name" },
						message: "must have required property 'name'"
					};
					if (vErrors === null) vErrors = [err19];
					else vErrors.push(err19);
					errors++;
				}
				if (data4.girthMm === void 0) {
					const err20 = {
						instancePath: instancePath + "/wearer",
						schemaPath: "#/properties/wearer/required",
						keyword: "required",
						params: { missingProperty: "girthMm" },
						message: "must have required property 'girthMm'"
					};
					if (vErrors === null) vErrors = [err20];
					else vErrors.push(err20);
					errors++;
				}
				for (const key1 in data4) if (!(key1 === "name" || key1 === "girthMm")) {
					const err21 = {
						instancePath: instancePath + "/wearer",
						schemaPath: "#/properties/wearer/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key1 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err21];
					else vErrors.push(err21);
					errors++;
				}
				if (data4.name !== void 0) {
					let data5 = data4.name;
					if (typeof data5 === "string") {
						if (func3(data5) > 60) {
							const err22 = {
								instancePath: instancePath + "/wearer/name",
								schemaPath: "#/properties/wearer/properties/name/maxLength",
								keyword: "maxLength",
								params: { limit: 60 },
								message: "must NOT have more than 60 characters"
							};
							if (vErrors === null) vErrors = [err22];
							else vErrors.push(err22);
							errors++;
						}
					} else {
						const err23 = {
							instancePath: instancePath + "/wearer/name",
							schemaPath: "#/properties/wearer/properties/name/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err23];
						else vErrors.push(err23);
						errors++;
					}
				}
				if (data4.girthMm !== void 0) {
					let data6 = data4.girthMm;
					if (!(typeof data6 == "number" && isFinite(data6))) {
						const err24 = {
							instancePath: instancePath + "/wearer/girthMm",
							schemaPath: "#/properties/wearer/properties/girthMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err24];
						else vErrors.push(err24);
						errors++;
					}
				}
			} else {
				const err25 = {
					instancePath: instancePath + "/wearer",
					schemaPath: "#/properties/wearer/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err25];
				else vErrors.push(err25);
				errors++;
			}
		}
		if (data.ease !== void 0) {
			let data7 = data.ease;
			const _errs16 = errors;
			let valid2 = false;
			let passing0 = null;
			const _errs17 = errors;
			if (data7 && typeof data7 == "object" && !Array.isArray(data7)) {
				if (data7.school === void 0) {
					const err26 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/0/required",
						keyword: "required",
						params: { missingProperty: "school" },
						message: "must have required property 'school'"
					};
					if (vErrors === null) vErrors = [err26];
					else vErrors.push(err26);
					errors++;
				}
				if (data7.slackMm === void 0) {
					const err27 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/0/required",
						keyword: "required",
						params: { missingProperty: "slackMm" },
						message: "must have required property 'slackMm'"
					};
					if (vErrors === null) vErrors = [err27];
					else vErrors.push(err27);
					errors++;
				}
				for (const key2 in data7) if (!(key2 === "school" || key2 === "slackMm")) {
					const err28 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/0/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key2 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err28];
					else vErrors.push(err28);
					errors++;
				}
				if (data7.school !== void 0) {
					if ("thickness" !== data7.school) {
						const err29 = {
							instancePath: instancePath + "/ease/school",
							schemaPath: "#/properties/ease/oneOf/0/properties/school/const",
							keyword: "const",
							params: { allowedValue: "thickness" },
							message: "must be equal to constant"
						};
						if (vErrors === null) vErrors = [err29];
						else vErrors.push(err29);
						errors++;
					}
				}
				if (data7.slackMm !== void 0) {
					let data9 = data7.slackMm;
					if (typeof data9 == "number" && isFinite(data9)) {
						if (data9 > 200 || isNaN(data9)) {
							const err30 = {
								instancePath: instancePath + "/ease/slackMm",
								schemaPath: "#/properties/ease/oneOf/0/properties/slackMm/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 200
								},
								message: "must be <= 200"
							};
							if (vErrors === null) vErrors = [err30];
							else vErrors.push(err30);
							errors++;
						}
						if (data9 < -20 || isNaN(data9)) {
							const err31 = {
								instancePath: instancePath + "/ease/slackMm",
								schemaPath: "#/properties/ease/oneOf/0/properties/slackMm/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: -20
								},
								message: "must be >= -20"
							};
							if (vErrors === null) vErrors = [err31];
							else vErrors.push(err31);
							errors++;
						}
					} else {
						const err32 = {
							instancePath: instancePath + "/ease/slackMm",
							schemaPath: "#/properties/ease/oneOf/0/properties/slackMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err32];
						else vErrors.push(err32);
						errors++;
					}
				}
			} else {
				const err33 = {
					instancePath: instancePath + "/ease",
					schemaPath: "#/properties/ease/oneOf/0/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err33];
				else vErrors.push(err33);
				errors++;
			}
			var _valid0 = _errs17 === errors;
			if (_valid0) {
				valid2 = true;
				passing0 = 0;
			}
			const _errs23 = errors;
			if (data7 && typeof data7 == "object" && !Array.isArray(data7)) {
				if (data7.school === void 0) {
					const err34 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/1/required",
						keyword: "required",
						params: { missingProperty: "school" },
						message: "must have required property 'school'"
					};
					if (vErrors === null) vErrors = [err34];
					else vErrors.push(err34);
					errors++;
				}
				if (data7.addMm === void 0) {
					const err35 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/1/required",
						keyword: "required",
						params: { missingProperty: "addMm" },
						message: "must have required property 'addMm'"
					};
					if (vErrors === null) vErrors = [err35];
					else vErrors.push(err35);
					errors++;
				}
				for (const key3 in data7) if (!(key3 === "school" || key3 === "addMm")) {
					const err36 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/1/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key3 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err36];
					else vErrors.push(err36);
					errors++;
				}
				if (data7.school !== void 0) {
					if ("flat" !== data7.school) {
						const err37 = {
							instancePath: instancePath + "/ease/school",
							schemaPath: "#/properties/ease/oneOf/1/properties/school/const",
							keyword: "const",
							params: { allowedValue: "flat" },
							message: "must be equal to constant"
						};
						if (vErrors === null) vErrors = [err37];
						else vErrors.push(err37);
						errors++;
					}
				}
				if (data7.addMm !== void 0) {
					let data11 = data7.addMm;
					if (typeof data11 == "number" && isFinite(data11)) {
						if (data11 > 200 || isNaN(data11)) {
							const err38 = {
								instancePath: instancePath + "/ease/addMm",
								schemaPath: "#/properties/ease/oneOf/1/properties/addMm/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 200
								},
								message: "must be <= 200"
							};
							if (vErrors === null) vErrors = [err38];
							else vErrors.push(err38);
							errors++;
						}
						if (data11 < -20 || isNaN(data11)) {
							const err39 = {
								instancePath: instancePath + "/ease/addMm",
								schemaPath: "#/properties/ease/oneOf/1/properties/addMm/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: -20
								},
								message: "must be >= -20"
							};
							if (vErrors === null) vErrors = [err39];
							else vErrors.push(err39);
							errors++;
						}
					} else {
						const err40 = {
							instancePath: instancePath + "/ease/addMm",
							schemaPath: "#/properties/ease/oneOf/1/properties/addMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err40];
						else vErrors.push(err40);
						errors++;
					}
				}
			} else {
				const err41 = {
					instancePath: instancePath + "/ease",
					schemaPath: "#/properties/ease/oneOf/1/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err41];
				else vErrors.push(err41);
				errors++;
			}
			var _valid0 = _errs23 === errors;
			if (_valid0 && valid2) {
				valid2 = false;
				passing0 = [passing0, 1];
			} else {
				if (_valid0) {
					valid2 = true;
					passing0 = 1;
				}
				const _errs29 = errors;
				if (data7 && typeof data7 == "object" && !Array.isArray(data7)) {
					if (data7.school === void 0) {
						const err42 = {
							instancePath: instancePath + "/ease",
							schemaPath: "#/properties/ease/oneOf/2/required",
							keyword: "required",
							params: { missingProperty: "school" },
							message: "must have required property 'school'"
						};
						if (vErrors === null) vErrors = [err42];
						else vErrors.push(err42);
						errors++;
					}
					if (data7.fingers === void 0) {
						const err43 = {
							instancePath: instancePath + "/ease",
							schemaPath: "#/properties/ease/oneOf/2/required",
							keyword: "required",
							params: { missingProperty: "fingers" },
							message: "must have required property 'fingers'"
						};
						if (vErrors === null) vErrors = [err43];
						else vErrors.push(err43);
						errors++;
					}
					for (const key4 in data7) if (!(key4 === "school" || key4 === "fingers" || key4 === "fingerMm")) {
						const err44 = {
							instancePath: instancePath + "/ease",
							schemaPath: "#/properties/ease/oneOf/2/additionalProperties",
							keyword: "additionalProperties",
							params: { additionalProperty: key4 },
							message: "must NOT have additional properties"
						};
						if (vErrors === null) vErrors = [err44];
						else vErrors.push(err44);
						errors++;
					}
					if (data7.school !== void 0) {
						if ("fingers" !== data7.school) {
							const err45 = {
								instancePath: instancePath + "/ease/school",
								schemaPath: "#/properties/ease/oneOf/2/properties/school/const",
								keyword: "const",
								params: { allowedValue: "fingers" },
								message: "must be equal to constant"
							};
							if (vErrors === null) vErrors = [err45];
							else vErrors.push(err45);
							errors++;
						}
					}
					if (data7.fingers !== void 0) {
						let data13 = data7.fingers;
						if (!(typeof data13 == "number" && !(data13 % 1) && !isNaN(data13) && isFinite(data13))) {
							const err46 = {
								instancePath: instancePath + "/ease/fingers",
								schemaPath: "#/properties/ease/oneOf/2/properties/fingers/type",
								keyword: "type",
								params: { type: "integer" },
								message: "must be integer"
							};
							if (vErrors === null) vErrors = [err46];
							else vErrors.push(err46);
							errors++;
						}
						if (typeof data13 == "number" && isFinite(data13)) {
							if (data13 > 4 || isNaN(data13)) {
								const err47 = {
									instancePath: instancePath + "/ease/fingers",
									schemaPath: "#/properties/ease/oneOf/2/properties/fingers/maximum",
									keyword: "maximum",
									params: {
										comparison: "<=",
										limit: 4
									},
									message: "must be <= 4"
								};
								if (vErrors === null) vErrors = [err47];
								else vErrors.push(err47);
								errors++;
							}
							if (data13 < 1 || isNaN(data13)) {
								const err48 = {
									instancePath: instancePath + "/ease/fingers",
									schemaPath: "#/properties/ease/oneOf/2/properties/fingers/minimum",
									keyword: "minimum",
									params: {
										comparison: ">=",
										limit: 1
									},
									message: "must be >= 1"
								};
								if (vErrors === null) vErrors = [err48];
								else vErrors.push(err48);
								errors++;
							}
						}
					}
					if (data7.fingerMm !== void 0) {
						let data14 = data7.fingerMm;
						if (typeof data14 == "number" && isFinite(data14)) {
							if (data14 > 40 || isNaN(data14)) {
								const err49 = {
									instancePath: instancePath + "/ease/fingerMm",
									schemaPath: "#/properties/ease/oneOf/2/properties/fingerMm/maximum",
									keyword: "maximum",
									params: {
										comparison: "<=",
										limit: 40
									},
									message: "must be <= 40"
								};
								if (vErrors === null) vErrors = [err49];
								else vErrors.push(err49);
								errors++;
							}
							if (data14 < 5 || isNaN(data14)) {
								const err50 = {
									instancePath: instancePath + "/ease/fingerMm",
									schemaPath: "#/properties/ease/oneOf/2/properties/fingerMm/minimum",
									keyword: "minimum",
									params: {
										comparison: ">=",
										limit: 5
									},
									message: "must be >= 5"
								};
								if (vErrors === null) vErrors = [err50];
								else vErrors.push(err50);
								errors++;
							}
						} else {
							const err51 = {
								instancePath: instancePath + "/ease/fingerMm",
								schemaPath: "#/properties/ease/oneOf/2/properties/fingerMm/type",
								keyword: "type",
								params: { type: "number" },
								message: "must be number"
							};
							if (vErrors === null) vErrors = [err51];
							else vErrors.push(err51);
							errors++;
						}
					}
				} else {
					const err52 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/2/type",
						keyword: "type",
						params: { type: "object" },
						message: "must be object"
					};
					if (vErrors === null) vErrors = [err52];
					else vErrors.push(err52);
					errors++;
				}
				var _valid0 = _errs29 === errors;
				if (_valid0 && valid2) {
					valid2 = false;
					passing0 = [passing0, 2];
				} else if (_valid0) {
					valid2 = true;
					passing0 = 2;
				}
			}
			if (!valid2) {
				const err53 = {
					instancePath: instancePath + "/ease",
					schemaPath: "#/properties/ease/oneOf",
					keyword: "oneOf",
					params: { passingSchemas: passing0 },
					message: "must match exactly one schema in oneOf"
				};
				if (vErrors === null) vErrors = [err53];
				else vErrors.push(err53);
				errors++;
			} else {
				errors = _errs16;
				if (vErrors !== null) {
					if (_errs16) vErrors.length = _errs16;
					else vErrors = null;
				}
			}
		}
		if (data.pattern !== void 0) {
			let data15 = data.pattern;
			if (data15 && typeof data15 == "object" && !Array.isArray(data15)) {
				if (data15.id === void 0) {
					const err54 = {
						instancePath: instancePath + "/pattern",
						schemaPath: "#/properties/pattern/required",
						keyword: "required",
						params: { missingProperty: "id" },
						message: "must have required property 'id'"
					};
					if (vErrors === null) vErrors = [err54];
					else vErrors.push(err54);
					errors++;
				}
				for (const key5 in data15) if (!(key5 === "id" || key5 === "name" || key5 === "notation" || key5 === "squash" || key5 === "load")) {
					const err55 = {
						instancePath: instancePath + "/pattern",
						schemaPath: "#/properties/pattern/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key5 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err55];
					else vErrors.push(err55);
					errors++;
				}
				if (data15.id !== void 0) {
					let data16 = data15.id;
					if (typeof data16 === "string") {
						if (func3(data16) > 80) {
							const err56 = {
								instancePath: instancePath + "/pattern/id",
								schemaPath: "#/properties/pattern/properties/id/maxLength",
								keyword: "maxLength",
								params: { limit: 80 },
								message: "must NOT have more than 80 characters"
							};
							if (vErrors === null) vErrors = [err56];
							else vErrors.push(err56);
							errors++;
						}
					} else {
						const err57 = {
							instancePath: instancePath + "/pattern/id",
							schemaPath: "#/properties/pattern/properties/id/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err57];
						else vErrors.push(err57);
						errors++;
					}
				}
				if (data15.name !== void 0) {
					let data17 = data15.name;
					if (typeof data17 === "string") {
						if (func3(data17) > 80) {
							const err58 = {
								instancePath: instancePath + "/pattern/name",
								schemaPath: "#/properties/pattern/properties/name/maxLength",
								keyword: "maxLength",
								params: { limit: 80 },
								message: "must NOT have more than 80 characters"
							};
							if (vErrors === null) vErrors = [err58];
							else vErrors.push(err58);
							errors++;
						}
					} else {
						const err59 = {
							instancePath: instancePath + "/pattern/name",
							schemaPath: "#/properties/pattern/properties/name/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err59];
						else vErrors.push(err59);
						errors++;
					}
				}
				if (data15.notation !== void 0) {
					let data18 = data15.notation;
					if (typeof data18 === "string") {
						if (func3(data18) > 2e4) {
							const err60 = {
								instancePath: instancePath + "/pattern/notation",
								schemaPath: "#/properties/pattern/properties/notation/maxLength",
								keyword: "maxLength",
								params: { limit: 2e4 },
								message: "must NOT have more than 20000 characters"
							};
							if (vErrors === null) vErrors = [err60];
							else vErrors.push(err60);
							errors++;
						}
					} else {
						const err61 = {
							instancePath: instancePath + "/pattern/notation",
							schemaPath: "#/properties/pattern/properties/notation/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err61];
						else vErrors.push(err61);
						errors++;
					}
				}
				if (data15.squash !== void 0) {
					let data19 = data15.squash;
					if (typeof data19 == "number" && isFinite(data19)) {
						if (data19 > 1 || isNaN(data19)) {
							const err62 = {
								instancePath: instancePath + "/pattern/squash",
								schemaPath: "#/properties/pattern/properties/squash/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 1
								},
								message: "must be <= 1"
							};
							if (vErrors === null) vErrors = [err62];
							else vErrors.push(err62);
							errors++;
						}
						if (data19 < .3 || isNaN(data19)) {
							const err63 = {
								instancePath: instancePath + "/pattern/squash",
								schemaPath: "#/properties/pattern/properties/squash/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: .3
								},
								message: "must be >= 0.3"
							};
							if (vErrors === null) vErrors = [err63];
							else vErrors.push(err63);
							errors++;
						}
					} else {
						const err64 = {
							instancePath: instancePath + "/pattern/squash",
							schemaPath: "#/properties/pattern/properties/squash/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err64];
						else vErrors.push(err64);
						errors++;
					}
				}
				if (data15.load !== void 0) {
					let data20 = data15.load;
					if (typeof data20 == "number" && isFinite(data20)) {
						if (data20 > 50 || isNaN(data20)) {
							const err65 = {
								instancePath: instancePath + "/pattern/load",
								schemaPath: "#/properties/pattern/properties/load/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 50
								},
								message: "must be <= 50"
							};
							if (vErrors === null) vErrors = [err65];
							else vErrors.push(err65);
							errors++;
						}
						if (data20 < 0 || isNaN(data20)) {
							const err66 = {
								instancePath: instancePath + "/pattern/load",
								schemaPath: "#/properties/pattern/properties/load/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err66];
							else vErrors.push(err66);
							errors++;
						}
					} else {
						const err67 = {
							instancePath: instancePath + "/pattern/load",
							schemaPath: "#/properties/pattern/properties/load/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err67];
						else vErrors.push(err67);
						errors++;
					}
				}
			} else {
				const err68 = {
					instancePath: instancePath + "/pattern",
					schemaPath: "#/properties/pattern/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err68];
				else vErrors.push(err68);
				errors++;
			}
		}
		if (data.cord !== void 0) {
			let data21 = data.cord;
			if (typeof data21 === "string") {
				if (func3(data21) > 60) {
					const err69 = {
						instancePath: instancePath + "/cord",
						schemaPath: "#/properties/cord/maxLength",
						keyword: "maxLength",
						params: { limit: 60 },
						message: "must NOT have more than 60 characters"
					};
					if (vErrors === null) vErrors = [err69];
					else vErrors.push(err69);
					errors++;
				}
			} else {
				const err70 = {
					instancePath: instancePath + "/cord",
					schemaPath: "#/properties/cord/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err70];
				else vErrors.push(err70);
				errors++;
			}
		}
		if (data.setup !== void 0) {
			let data22 = data.setup;
			if (data22 && typeof data22 == "object" && !Array.isArray(data22)) {
				if (data22.style === void 0) {
					const err71 = {
						instancePath: instancePath + "/setup",
						schemaPath: "#/properties/setup/required",
						keyword: "required",
						params: { missingProperty: "style" },
						message: "must have required property 'style'"
					};
					if (vErrors === null) vErrors = [err71];
					else vErrors.push(err71);
					errors++;
				}
				for (const key6 in data22) if (!(key6 === "style")) {
					const err72 = {
						instancePath: instancePath + "/setup",
						schemaPath: "#/properties/setup/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key6 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err72];
					else vErrors.push(err72);
					errors++;
				}
				if (data22.style !== void 0) {
					let data23 = data22.style;
					if (!(data23 === "folded" || data23 === "fused" || data23 === "separate")) {
						const err73 = {
							instancePath: instancePath + "/setup/style",
							schemaPath: "#/properties/setup/properties/style/enum",
							keyword: "enum",
							params: { allowedValues: schema11.properties.setup.properties.style.enum },
							message: "must be equal to one of the allowed values"
						};
						if (vErrors === null) vErrors = [err73];
						else vErrors.push(err73);
						errors++;
					}
				}
			} else {
				const err74 = {
					instancePath: instancePath + "/setup",
					schemaPath: "#/properties/setup/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err74];
				else vErrors.push(err74);
				errors++;
			}
		}
		if (data.cords !== void 0) {
			let data24 = data.cords;
			if (Array.isArray(data24)) {
				if (data24.length > 2) {
					const err75 = {
						instancePath: instancePath + "/cords",
						schemaPath: "#/properties/cords/maxItems",
						keyword: "maxItems",
						params: { limit: 2 },
						message: "must NOT have more than 2 items"
					};
					if (vErrors === null) vErrors = [err75];
					else vErrors.push(err75);
					errors++;
				}
				if (data24.length < 1) {
					const err76 = {
						instancePath: instancePath + "/cords",
						schemaPath: "#/properties/cords/minItems",
						keyword: "minItems",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 items"
					};
					if (vErrors === null) vErrors = [err76];
					else vErrors.push(err76);
					errors++;
				}
				const len0 = data24.length;
				for (let i0 = 0; i0 < len0; i0++) {
					let data25 = data24[i0];
					if (data25 && typeof data25 == "object" && !Array.isArray(data25)) {
						if (data25.colour === void 0) {
							const err77 = {
								instancePath: instancePath + "/cords/" + i0,
								schemaPath: "#/properties/cords/items/required",
								keyword: "required",
								params: { missingProperty: "colour" },
								message: "must have required property 'colour'"
							};
							if (vErrors === null) vErrors = [err77];
							else vErrors.push(err77);
							errors++;
						}
						for (const key7 in data25) if (!(key7 === "colour")) {
							const err78 = {
								instancePath: instancePath + "/cords/" + i0,
								schemaPath: "#/properties/cords/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key7 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err78];
							else vErrors.push(err78);
							errors++;
						}
						if (data25.colour !== void 0) {
							let data26 = data25.colour;
							if (typeof data26 === "string") {
								if (func3(data26) > 60) {
									const err79 = {
										instancePath: instancePath + "/cords/" + i0 + "/colour",
										schemaPath: "#/properties/cords/items/properties/colour/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err79];
									else vErrors.push(err79);
									errors++;
								}
							} else {
								const err80 = {
									instancePath: instancePath + "/cords/" + i0 + "/colour",
									schemaPath: "#/properties/cords/items/properties/colour/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err80];
								else vErrors.push(err80);
								errors++;
							}
						}
					} else {
						const err81 = {
							instancePath: instancePath + "/cords/" + i0,
							schemaPath: "#/properties/cords/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err81];
						else vErrors.push(err81);
						errors++;
					}
				}
			} else {
				const err82 = {
					instancePath: instancePath + "/cords",
					schemaPath: "#/properties/cords/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err82];
				else vErrors.push(err82);
				errors++;
			}
		}
		if (data.closure !== void 0) {
			let data27 = data.closure;
			if (data27 && typeof data27 == "object" && !Array.isArray(data27)) {
				if (data27.kind === void 0) {
					const err83 = {
						instancePath: instancePath + "/closure",
						schemaPath: "#/properties/closure/required",
						keyword: "required",
						params: { missingProperty: "kind" },
						message: "must have required property 'kind'"
					};
					if (vErrors === null) vErrors = [err83];
					else vErrors.push(err83);
					errors++;
				}
				if (data27.sizeMm === void 0) {
					const err84 = {
						instancePath: instancePath + "/closure",
						schemaPath: "#/properties/closure/required",
						keyword: "required",
						params: { missingProperty: "sizeMm" },
						message: "must have required property 'sizeMm'"
					};
					if (vErrors === null) vErrors = [err84];
					else vErrors.push(err84);
					errors++;
				}
				for (const key8 in data27) if (!(key8 === "kind" || key8 === "sizeMm" || key8 === "lengthMm")) {
					const err85 = {
						instancePath: instancePath + "/closure",
						schemaPath: "#/properties/closure/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key8 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err85];
					else vErrors.push(err85);
					errors++;
				}
				if (data27.kind !== void 0) {
					if ("side-release" !== data27.kind) {
						const err86 = {
							instancePath: instancePath + "/closure/kind",
							schemaPath: "#/properties/closure/properties/kind/const",
							keyword: "const",
							params: { allowedValue: "side-release" },
							message: "must be equal to constant"
						};
						if (vErrors === null) vErrors = [err86];
						else vErrors.push(err86);
						errors++;
					}
				}
				if (data27.sizeMm !== void 0) {
					let data29 = data27.sizeMm;
					if (!(typeof data29 == "number" && isFinite(data29))) {
						const err87 = {
							instancePath: instancePath + "/closure/sizeMm",
							schemaPath: "#/properties/closure/properties/sizeMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err87];
						else vErrors.push(err87);
						errors++;
					}
				}
				if (data27.lengthMm !== void 0) {
					let data30 = data27.lengthMm;
					if (!(typeof data30 == "number" && isFinite(data30))) {
						const err88 = {
							instancePath: instancePath + "/closure/lengthMm",
							schemaPath: "#/properties/closure/properties/lengthMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err88];
						else vErrors.push(err88);
						errors++;
					}
				}
			} else {
				const err89 = {
					instancePath: instancePath + "/closure",
					schemaPath: "#/properties/closure/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err89];
				else vErrors.push(err89);
				errors++;
			}
		}
		if (data.wet !== void 0) {
			let data31 = data.wet;
			if (!(data31 === "ignore" || data31 === "add" || data31 === "pre-shrink")) {
				const err90 = {
					instancePath: instancePath + "/wet",
					schemaPath: "#/properties/wet/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.wet.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err90];
				else vErrors.push(err90);
				errors++;
			}
		}
		if (data.margin !== void 0) {
			let data32 = data.margin;
			if (!(data32 === "never-short" || data32 === "measured" || data32 === "thrifty")) {
				const err91 = {
					instancePath: instancePath + "/margin",
					schemaPath: "#/properties/margin/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.margin.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err91];
				else vErrors.push(err91);
				errors++;
			}
		}
		if (data.tailMm !== void 0) {
			let data33 = data.tailMm;
			if (!(typeof data33 == "number" && isFinite(data33))) {
				const err92 = {
					instancePath: instancePath + "/tailMm",
					schemaPath: "#/properties/tailMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err92];
				else vErrors.push(err92);
				errors++;
			}
		}
		if (data.roundToMm !== void 0) {
			let data34 = data.roundToMm;
			if (!(typeof data34 == "number" && isFinite(data34))) {
				const err93 = {
					instancePath: instancePath + "/roundToMm",
					schemaPath: "#/properties/roundToMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err93];
				else vErrors.push(err93);
				errors++;
			}
		}
		if (data.notes !== void 0) {
			let data35 = data.notes;
			if (typeof data35 === "string") {
				if (func3(data35) > 4e3) {
					const err94 = {
						instancePath: instancePath + "/notes",
						schemaPath: "#/properties/notes/maxLength",
						keyword: "maxLength",
						params: { limit: 4e3 },
						message: "must NOT have more than 4000 characters"
					};
					if (vErrors === null) vErrors = [err94];
					else vErrors.push(err94);
					errors++;
				}
			} else {
				const err95 = {
					instancePath: instancePath + "/notes",
					schemaPath: "#/properties/notes/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err95];
				else vErrors.push(err95);
				errors++;
			}
		}
	} else {
		const err96 = {
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		};
		if (vErrors === null) vErrors = [err96];
		else vErrors.push(err96);
		errors++;
	}
	validate10.errors = vErrors;
	return errors === 0;
}
export { design_default as default, validate };
