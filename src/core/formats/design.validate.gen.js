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
	"$id": "urn:warp-beam:design:2",
	"title": "Design",
	"description": "One piece as a maker states it, version 2. Lengths in millimetres.",
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
		"version": { "const": 2 },
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
		"measures": {
			"type": "object",
			"description": "What else was measured, by the product's measure ids: hand, heel, head, lug, lugToLug, gap, springBar, width, ringAt, ringFlat.",
			"additionalProperties": { "type": "number" },
			"maxProperties": 20
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
				},
				{
					"type": "object",
					"additionalProperties": false,
					"required": ["school"],
					"properties": { "school": { "const": "try-on" } }
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
			"properties": {
				"style": {
					"enum": [
						"folded",
						"fused",
						"separate",
						"side-by-side"
					],
					"description": "folded: one cord, hitched at its middle. fused: two colours joined into that one cord. separate: core cords and working cords. side-by-side: every cord folded and hitched beside the next, its two ends being neighbours in the weave."
				},
				"hold": {
					"enum": [
						"jig",
						"tape",
						"hand"
					],
					"description": "How the length is kept while tying: pegs of a jig, a ruler or tape on the table, or trying on."
				}
			}
		},
		"cords": {
			"type": "array",
			"minItems": 1,
			"maxItems": 2,
			"description": "folded, side-by-side: the cord. fused: front colour, edge colour. separate: working cord, core cord.",
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
			"required": ["kind"],
			"properties": {
				"kind": {
					"type": "string",
					"maxLength": 60,
					"description": "Id of a closure, e.g. side-release, knot-loop, double-sliding, cinch."
				},
				"sizeMm": {
					"type": "number",
					"description": "Size that the hardware is sold by: slot, bar, bead."
				},
				"lengthMm": {
					"type": "number",
					"description": "Measured closed, along the curve, cord bar to cord bar; replaces the typical length."
				},
				"attach": {
					"enum": ["returned", "hitched"],
					"description": "How the second half is held: cores led round its bar and back under the last rows, or cow hitches in the working ends."
				},
				"hole": {
					"type": "integer",
					"description": "Pin hole of a shackle, 1 the tightest."
				},
				"knot": {
					"type": "string",
					"maxLength": 60,
					"description": "Id of the knot that stops, slides or grips."
				},
				"loopShare": {
					"type": "number",
					"description": "Inner perimeter of a loop over the girth of what passes it, 1 to 1.15."
				},
				"openMm": {
					"type": "number",
					"description": "Inner girth wanted when it is fully open."
				},
				"gapMm": {
					"type": "number",
					"description": "Distance wanted between the ends of the weave when closed."
				},
				"pastMm": {
					"type": "number",
					"description": "How far a strap runs on past its buckle."
				},
				"rows": {
					"type": "integer",
					"description": "Rows of a slider, or that a strand is tucked back."
				},
				"cord": {
					"type": "string",
					"maxLength": 60,
					"description": "Id of the cord type of a slider."
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
			if (2 !== data.version) {
				const err13 = {
					instancePath: instancePath + "/version",
					schemaPath: "#/properties/version/const",
					keyword: "const",
					params: { allowedValue: 2 },
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
		if (data.measures !== void 0) {
			let data7 = data.measures;
			if (data7 && typeof data7 == "object" && !Array.isArray(data7)) {
				if (Object.keys(data7).length > 20) {
					const err26 = {
						instancePath: instancePath + "/measures",
						schemaPath: "#/properties/measures/maxProperties",
						keyword: "maxProperties",
						params: { limit: 20 },
						message: "must NOT have more than 20 properties"
					};
					if (vErrors === null) vErrors = [err26];
					else vErrors.push(err26);
					errors++;
				}
				for (const key2 in data7) {
					let data8 = data7[key2];
					if (!(typeof data8 == "number" && isFinite(data8))) {
						const err27 = {
							instancePath: instancePath + "/measures/" + key2.replace(/~/g, "~0").replace(/\//g, "~1"),
							schemaPath: "#/properties/measures/additionalProperties/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err27];
						else vErrors.push(err27);
						errors++;
					}
				}
			} else {
				const err28 = {
					instancePath: instancePath + "/measures",
					schemaPath: "#/properties/measures/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err28];
				else vErrors.push(err28);
				errors++;
			}
		}
		if (data.ease !== void 0) {
			let data9 = data.ease;
			const _errs21 = errors;
			let valid3 = false;
			let passing0 = null;
			const _errs22 = errors;
			if (data9 && typeof data9 == "object" && !Array.isArray(data9)) {
				if (data9.school === void 0) {
					const err29 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/0/required",
						keyword: "required",
						params: { missingProperty: "school" },
						message: "must have required property 'school'"
					};
					if (vErrors === null) vErrors = [err29];
					else vErrors.push(err29);
					errors++;
				}
				if (data9.slackMm === void 0) {
					const err30 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/0/required",
						keyword: "required",
						params: { missingProperty: "slackMm" },
						message: "must have required property 'slackMm'"
					};
					if (vErrors === null) vErrors = [err30];
					else vErrors.push(err30);
					errors++;
				}
				for (const key3 in data9) if (!(key3 === "school" || key3 === "slackMm")) {
					const err31 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/0/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key3 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err31];
					else vErrors.push(err31);
					errors++;
				}
				if (data9.school !== void 0) {
					if ("thickness" !== data9.school) {
						const err32 = {
							instancePath: instancePath + "/ease/school",
							schemaPath: "#/properties/ease/oneOf/0/properties/school/const",
							keyword: "const",
							params: { allowedValue: "thickness" },
							message: "must be equal to constant"
						};
						if (vErrors === null) vErrors = [err32];
						else vErrors.push(err32);
						errors++;
					}
				}
				if (data9.slackMm !== void 0) {
					let data11 = data9.slackMm;
					if (typeof data11 == "number" && isFinite(data11)) {
						if (data11 > 200 || isNaN(data11)) {
							const err33 = {
								instancePath: instancePath + "/ease/slackMm",
								schemaPath: "#/properties/ease/oneOf/0/properties/slackMm/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 200
								},
								message: "must be <= 200"
							};
							if (vErrors === null) vErrors = [err33];
							else vErrors.push(err33);
							errors++;
						}
						if (data11 < -20 || isNaN(data11)) {
							const err34 = {
								instancePath: instancePath + "/ease/slackMm",
								schemaPath: "#/properties/ease/oneOf/0/properties/slackMm/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: -20
								},
								message: "must be >= -20"
							};
							if (vErrors === null) vErrors = [err34];
							else vErrors.push(err34);
							errors++;
						}
					} else {
						const err35 = {
							instancePath: instancePath + "/ease/slackMm",
							schemaPath: "#/properties/ease/oneOf/0/properties/slackMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err35];
						else vErrors.push(err35);
						errors++;
					}
				}
			} else {
				const err36 = {
					instancePath: instancePath + "/ease",
					schemaPath: "#/properties/ease/oneOf/0/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err36];
				else vErrors.push(err36);
				errors++;
			}
			var _valid0 = _errs22 === errors;
			if (_valid0) {
				valid3 = true;
				passing0 = 0;
			}
			const _errs28 = errors;
			if (data9 && typeof data9 == "object" && !Array.isArray(data9)) {
				if (data9.school === void 0) {
					const err37 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/1/required",
						keyword: "required",
						params: { missingProperty: "school" },
						message: "must have required property 'school'"
					};
					if (vErrors === null) vErrors = [err37];
					else vErrors.push(err37);
					errors++;
				}
				if (data9.addMm === void 0) {
					const err38 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/1/required",
						keyword: "required",
						params: { missingProperty: "addMm" },
						message: "must have required property 'addMm'"
					};
					if (vErrors === null) vErrors = [err38];
					else vErrors.push(err38);
					errors++;
				}
				for (const key4 in data9) if (!(key4 === "school" || key4 === "addMm")) {
					const err39 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/1/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key4 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err39];
					else vErrors.push(err39);
					errors++;
				}
				if (data9.school !== void 0) {
					if ("flat" !== data9.school) {
						const err40 = {
							instancePath: instancePath + "/ease/school",
							schemaPath: "#/properties/ease/oneOf/1/properties/school/const",
							keyword: "const",
							params: { allowedValue: "flat" },
							message: "must be equal to constant"
						};
						if (vErrors === null) vErrors = [err40];
						else vErrors.push(err40);
						errors++;
					}
				}
				if (data9.addMm !== void 0) {
					let data13 = data9.addMm;
					if (typeof data13 == "number" && isFinite(data13)) {
						if (data13 > 200 || isNaN(data13)) {
							const err41 = {
								instancePath: instancePath + "/ease/addMm",
								schemaPath: "#/properties/ease/oneOf/1/properties/addMm/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 200
								},
								message: "must be <= 200"
							};
							if (vErrors === null) vErrors = [err41];
							else vErrors.push(err41);
							errors++;
						}
						if (data13 < -20 || isNaN(data13)) {
							const err42 = {
								instancePath: instancePath + "/ease/addMm",
								schemaPath: "#/properties/ease/oneOf/1/properties/addMm/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: -20
								},
								message: "must be >= -20"
							};
							if (vErrors === null) vErrors = [err42];
							else vErrors.push(err42);
							errors++;
						}
					} else {
						const err43 = {
							instancePath: instancePath + "/ease/addMm",
							schemaPath: "#/properties/ease/oneOf/1/properties/addMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err43];
						else vErrors.push(err43);
						errors++;
					}
				}
			} else {
				const err44 = {
					instancePath: instancePath + "/ease",
					schemaPath: "#/properties/ease/oneOf/1/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err44];
				else vErrors.push(err44);
				errors++;
			}
			var _valid0 = _errs28 === errors;
			if (_valid0 && valid3) {
				valid3 = false;
				passing0 = [passing0, 1];
			} else {
				if (_valid0) {
					valid3 = true;
					passing0 = 1;
				}
				const _errs34 = errors;
				if (data9 && typeof data9 == "object" && !Array.isArray(data9)) {
					if (data9.school === void 0) {
						const err45 = {
							instancePath: instancePath + "/ease",
							schemaPath: "#/properties/ease/oneOf/2/required",
							keyword: "required",
							params: { missingProperty: "school" },
							message: "must have required property 'school'"
						};
						if (vErrors === null) vErrors = [err45];
						else vErrors.push(err45);
						errors++;
					}
					if (data9.fingers === void 0) {
						const err46 = {
							instancePath: instancePath + "/ease",
							schemaPath: "#/properties/ease/oneOf/2/required",
							keyword: "required",
							params: { missingProperty: "fingers" },
							message: "must have required property 'fingers'"
						};
						if (vErrors === null) vErrors = [err46];
						else vErrors.push(err46);
						errors++;
					}
					for (const key5 in data9) if (!(key5 === "school" || key5 === "fingers" || key5 === "fingerMm")) {
						const err47 = {
							instancePath: instancePath + "/ease",
							schemaPath: "#/properties/ease/oneOf/2/additionalProperties",
							keyword: "additionalProperties",
							params: { additionalProperty: key5 },
							message: "must NOT have additional properties"
						};
						if (vErrors === null) vErrors = [err47];
						else vErrors.push(err47);
						errors++;
					}
					if (data9.school !== void 0) {
						if ("fingers" !== data9.school) {
							const err48 = {
								instancePath: instancePath + "/ease/school",
								schemaPath: "#/properties/ease/oneOf/2/properties/school/const",
								keyword: "const",
								params: { allowedValue: "fingers" },
								message: "must be equal to constant"
							};
							if (vErrors === null) vErrors = [err48];
							else vErrors.push(err48);
							errors++;
						}
					}
					if (data9.fingers !== void 0) {
						let data15 = data9.fingers;
						if (!(typeof data15 == "number" && !(data15 % 1) && !isNaN(data15) && isFinite(data15))) {
							const err49 = {
								instancePath: instancePath + "/ease/fingers",
								schemaPath: "#/properties/ease/oneOf/2/properties/fingers/type",
								keyword: "type",
								params: { type: "integer" },
								message: "must be integer"
							};
							if (vErrors === null) vErrors = [err49];
							else vErrors.push(err49);
							errors++;
						}
						if (typeof data15 == "number" && isFinite(data15)) {
							if (data15 > 4 || isNaN(data15)) {
								const err50 = {
									instancePath: instancePath + "/ease/fingers",
									schemaPath: "#/properties/ease/oneOf/2/properties/fingers/maximum",
									keyword: "maximum",
									params: {
										comparison: "<=",
										limit: 4
									},
									message: "must be <= 4"
								};
								if (vErrors === null) vErrors = [err50];
								else vErrors.push(err50);
								errors++;
							}
							if (data15 < 1 || isNaN(data15)) {
								const err51 = {
									instancePath: instancePath + "/ease/fingers",
									schemaPath: "#/properties/ease/oneOf/2/properties/fingers/minimum",
									keyword: "minimum",
									params: {
										comparison: ">=",
										limit: 1
									},
									message: "must be >= 1"
								};
								if (vErrors === null) vErrors = [err51];
								else vErrors.push(err51);
								errors++;
							}
						}
					}
					if (data9.fingerMm !== void 0) {
						let data16 = data9.fingerMm;
						if (typeof data16 == "number" && isFinite(data16)) {
							if (data16 > 40 || isNaN(data16)) {
								const err52 = {
									instancePath: instancePath + "/ease/fingerMm",
									schemaPath: "#/properties/ease/oneOf/2/properties/fingerMm/maximum",
									keyword: "maximum",
									params: {
										comparison: "<=",
										limit: 40
									},
									message: "must be <= 40"
								};
								if (vErrors === null) vErrors = [err52];
								else vErrors.push(err52);
								errors++;
							}
							if (data16 < 5 || isNaN(data16)) {
								const err53 = {
									instancePath: instancePath + "/ease/fingerMm",
									schemaPath: "#/properties/ease/oneOf/2/properties/fingerMm/minimum",
									keyword: "minimum",
									params: {
										comparison: ">=",
										limit: 5
									},
									message: "must be >= 5"
								};
								if (vErrors === null) vErrors = [err53];
								else vErrors.push(err53);
								errors++;
							}
						} else {
							const err54 = {
								instancePath: instancePath + "/ease/fingerMm",
								schemaPath: "#/properties/ease/oneOf/2/properties/fingerMm/type",
								keyword: "type",
								params: { type: "number" },
								message: "must be number"
							};
							if (vErrors === null) vErrors = [err54];
							else vErrors.push(err54);
							errors++;
						}
					}
				} else {
					const err55 = {
						instancePath: instancePath + "/ease",
						schemaPath: "#/properties/ease/oneOf/2/type",
						keyword: "type",
						params: { type: "object" },
						message: "must be object"
					};
					if (vErrors === null) vErrors = [err55];
					else vErrors.push(err55);
					errors++;
				}
				var _valid0 = _errs34 === errors;
				if (_valid0 && valid3) {
					valid3 = false;
					passing0 = [passing0, 2];
				} else {
					if (_valid0) {
						valid3 = true;
						passing0 = 2;
					}
					const _errs42 = errors;
					if (data9 && typeof data9 == "object" && !Array.isArray(data9)) {
						if (data9.school === void 0) {
							const err56 = {
								instancePath: instancePath + "/ease",
								schemaPath: "#/properties/ease/oneOf/3/required",
								keyword: "required",
								params: { missingProperty: "school" },
								message: "must have required property 'school'"
							};
							if (vErrors === null) vErrors = [err56];
							else vErrors.push(err56);
							errors++;
						}
						for (const key6 in data9) if (!(key6 === "school")) {
							const err57 = {
								instancePath: instancePath + "/ease",
								schemaPath: "#/properties/ease/oneOf/3/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key6 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err57];
							else vErrors.push(err57);
							errors++;
						}
						if (data9.school !== void 0) {
							if ("try-on" !== data9.school) {
								const err58 = {
									instancePath: instancePath + "/ease/school",
									schemaPath: "#/properties/ease/oneOf/3/properties/school/const",
									keyword: "const",
									params: { allowedValue: "try-on" },
									message: "must be equal to constant"
								};
								if (vErrors === null) vErrors = [err58];
								else vErrors.push(err58);
								errors++;
							}
						}
					} else {
						const err59 = {
							instancePath: instancePath + "/ease",
							schemaPath: "#/properties/ease/oneOf/3/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err59];
						else vErrors.push(err59);
						errors++;
					}
					var _valid0 = _errs42 === errors;
					if (_valid0 && valid3) {
						valid3 = false;
						passing0 = [passing0, 3];
					} else if (_valid0) {
						valid3 = true;
						passing0 = 3;
					}
				}
			}
			if (!valid3) {
				const err60 = {
					instancePath: instancePath + "/ease",
					schemaPath: "#/properties/ease/oneOf",
					keyword: "oneOf",
					params: { passingSchemas: passing0 },
					message: "must match exactly one schema in oneOf"
				};
				if (vErrors === null) vErrors = [err60];
				else vErrors.push(err60);
				errors++;
			} else {
				errors = _errs21;
				if (vErrors !== null) {
					if (_errs21) vErrors.length = _errs21;
					else vErrors = null;
				}
			}
		}
		if (data.pattern !== void 0) {
			let data18 = data.pattern;
			if (data18 && typeof data18 == "object" && !Array.isArray(data18)) {
				if (data18.id === void 0) {
					const err61 = {
						instancePath: instancePath + "/pattern",
						schemaPath: "#/properties/pattern/required",
						keyword: "required",
						params: { missingProperty: "id" },
						message: "must have required property 'id'"
					};
					if (vErrors === null) vErrors = [err61];
					else vErrors.push(err61);
					errors++;
				}
				for (const key7 in data18) if (!(key7 === "id" || key7 === "name" || key7 === "notation" || key7 === "squash" || key7 === "load")) {
					const err62 = {
						instancePath: instancePath + "/pattern",
						schemaPath: "#/properties/pattern/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key7 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err62];
					else vErrors.push(err62);
					errors++;
				}
				if (data18.id !== void 0) {
					let data19 = data18.id;
					if (typeof data19 === "string") {
						if (func3(data19) > 80) {
							const err63 = {
								instancePath: instancePath + "/pattern/id",
								schemaPath: "#/properties/pattern/properties/id/maxLength",
								keyword: "maxLength",
								params: { limit: 80 },
								message: "must NOT have more than 80 characters"
							};
							if (vErrors === null) vErrors = [err63];
							else vErrors.push(err63);
							errors++;
						}
					} else {
						const err64 = {
							instancePath: instancePath + "/pattern/id",
							schemaPath: "#/properties/pattern/properties/id/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err64];
						else vErrors.push(err64);
						errors++;
					}
				}
				if (data18.name !== void 0) {
					let data20 = data18.name;
					if (typeof data20 === "string") {
						if (func3(data20) > 80) {
							const err65 = {
								instancePath: instancePath + "/pattern/name",
								schemaPath: "#/properties/pattern/properties/name/maxLength",
								keyword: "maxLength",
								params: { limit: 80 },
								message: "must NOT have more than 80 characters"
							};
							if (vErrors === null) vErrors = [err65];
							else vErrors.push(err65);
							errors++;
						}
					} else {
						const err66 = {
							instancePath: instancePath + "/pattern/name",
							schemaPath: "#/properties/pattern/properties/name/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err66];
						else vErrors.push(err66);
						errors++;
					}
				}
				if (data18.notation !== void 0) {
					let data21 = data18.notation;
					if (typeof data21 === "string") {
						if (func3(data21) > 2e4) {
							const err67 = {
								instancePath: instancePath + "/pattern/notation",
								schemaPath: "#/properties/pattern/properties/notation/maxLength",
								keyword: "maxLength",
								params: { limit: 2e4 },
								message: "must NOT have more than 20000 characters"
							};
							if (vErrors === null) vErrors = [err67];
							else vErrors.push(err67);
							errors++;
						}
					} else {
						const err68 = {
							instancePath: instancePath + "/pattern/notation",
							schemaPath: "#/properties/pattern/properties/notation/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err68];
						else vErrors.push(err68);
						errors++;
					}
				}
				if (data18.squash !== void 0) {
					let data22 = data18.squash;
					if (typeof data22 == "number" && isFinite(data22)) {
						if (data22 > 1 || isNaN(data22)) {
							const err69 = {
								instancePath: instancePath + "/pattern/squash",
								schemaPath: "#/properties/pattern/properties/squash/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 1
								},
								message: "must be <= 1"
							};
							if (vErrors === null) vErrors = [err69];
							else vErrors.push(err69);
							errors++;
						}
						if (data22 < .3 || isNaN(data22)) {
							const err70 = {
								instancePath: instancePath + "/pattern/squash",
								schemaPath: "#/properties/pattern/properties/squash/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: .3
								},
								message: "must be >= 0.3"
							};
							if (vErrors === null) vErrors = [err70];
							else vErrors.push(err70);
							errors++;
						}
					} else {
						const err71 = {
							instancePath: instancePath + "/pattern/squash",
							schemaPath: "#/properties/pattern/properties/squash/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err71];
						else vErrors.push(err71);
						errors++;
					}
				}
				if (data18.load !== void 0) {
					let data23 = data18.load;
					if (typeof data23 == "number" && isFinite(data23)) {
						if (data23 > 50 || isNaN(data23)) {
							const err72 = {
								instancePath: instancePath + "/pattern/load",
								schemaPath: "#/properties/pattern/properties/load/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 50
								},
								message: "must be <= 50"
							};
							if (vErrors === null) vErrors = [err72];
							else vErrors.push(err72);
							errors++;
						}
						if (data23 < 0 || isNaN(data23)) {
							const err73 = {
								instancePath: instancePath + "/pattern/load",
								schemaPath: "#/properties/pattern/properties/load/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err73];
							else vErrors.push(err73);
							errors++;
						}
					} else {
						const err74 = {
							instancePath: instancePath + "/pattern/load",
							schemaPath: "#/properties/pattern/properties/load/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err74];
						else vErrors.push(err74);
						errors++;
					}
				}
			} else {
				const err75 = {
					instancePath: instancePath + "/pattern",
					schemaPath: "#/properties/pattern/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err75];
				else vErrors.push(err75);
				errors++;
			}
		}
		if (data.cord !== void 0) {
			let data24 = data.cord;
			if (typeof data24 === "string") {
				if (func3(data24) > 60) {
					const err76 = {
						instancePath: instancePath + "/cord",
						schemaPath: "#/properties/cord/maxLength",
						keyword: "maxLength",
						params: { limit: 60 },
						message: "must NOT have more than 60 characters"
					};
					if (vErrors === null) vErrors = [err76];
					else vErrors.push(err76);
					errors++;
				}
			} else {
				const err77 = {
					instancePath: instancePath + "/cord",
					schemaPath: "#/properties/cord/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err77];
				else vErrors.push(err77);
				errors++;
			}
		}
		if (data.setup !== void 0) {
			let data25 = data.setup;
			if (data25 && typeof data25 == "object" && !Array.isArray(data25)) {
				if (data25.style === void 0) {
					const err78 = {
						instancePath: instancePath + "/setup",
						schemaPath: "#/properties/setup/required",
						keyword: "required",
						params: { missingProperty: "style" },
						message: "must have required property 'style'"
					};
					if (vErrors === null) vErrors = [err78];
					else vErrors.push(err78);
					errors++;
				}
				for (const key8 in data25) if (!(key8 === "style" || key8 === "hold")) {
					const err79 = {
						instancePath: instancePath + "/setup",
						schemaPath: "#/properties/setup/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key8 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err79];
					else vErrors.push(err79);
					errors++;
				}
				if (data25.style !== void 0) {
					let data26 = data25.style;
					if (!(data26 === "folded" || data26 === "fused" || data26 === "separate" || data26 === "side-by-side")) {
						const err80 = {
							instancePath: instancePath + "/setup/style",
							schemaPath: "#/properties/setup/properties/style/enum",
							keyword: "enum",
							params: { allowedValues: schema11.properties.setup.properties.style.enum },
							message: "must be equal to one of the allowed values"
						};
						if (vErrors === null) vErrors = [err80];
						else vErrors.push(err80);
						errors++;
					}
				}
				if (data25.hold !== void 0) {
					let data27 = data25.hold;
					if (!(data27 === "jig" || data27 === "tape" || data27 === "hand")) {
						const err81 = {
							instancePath: instancePath + "/setup/hold",
							schemaPath: "#/properties/setup/properties/hold/enum",
							keyword: "enum",
							params: { allowedValues: schema11.properties.setup.properties.hold.enum },
							message: "must be equal to one of the allowed values"
						};
						if (vErrors === null) vErrors = [err81];
						else vErrors.push(err81);
						errors++;
					}
				}
			} else {
				const err82 = {
					instancePath: instancePath + "/setup",
					schemaPath: "#/properties/setup/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err82];
				else vErrors.push(err82);
				errors++;
			}
		}
		if (data.cords !== void 0) {
			let data28 = data.cords;
			if (Array.isArray(data28)) {
				if (data28.length > 2) {
					const err83 = {
						instancePath: instancePath + "/cords",
						schemaPath: "#/properties/cords/maxItems",
						keyword: "maxItems",
						params: { limit: 2 },
						message: "must NOT have more than 2 items"
					};
					if (vErrors === null) vErrors = [err83];
					else vErrors.push(err83);
					errors++;
				}
				if (data28.length < 1) {
					const err84 = {
						instancePath: instancePath + "/cords",
						schemaPath: "#/properties/cords/minItems",
						keyword: "minItems",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 items"
					};
					if (vErrors === null) vErrors = [err84];
					else vErrors.push(err84);
					errors++;
				}
				const len0 = data28.length;
				for (let i0 = 0; i0 < len0; i0++) {
					let data29 = data28[i0];
					if (data29 && typeof data29 == "object" && !Array.isArray(data29)) {
						if (data29.colour === void 0) {
							const err85 = {
								instancePath: instancePath + "/cords/" + i0,
								schemaPath: "#/properties/cords/items/required",
								keyword: "required",
								params: { missingProperty: "colour" },
								message: "must have required property 'colour'"
							};
							if (vErrors === null) vErrors = [err85];
							else vErrors.push(err85);
							errors++;
						}
						for (const key9 in data29) if (!(key9 === "colour")) {
							const err86 = {
								instancePath: instancePath + "/cords/" + i0,
								schemaPath: "#/properties/cords/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key9 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err86];
							else vErrors.push(err86);
							errors++;
						}
						if (data29.colour !== void 0) {
							let data30 = data29.colour;
							if (typeof data30 === "string") {
								if (func3(data30) > 60) {
									const err87 = {
										instancePath: instancePath + "/cords/" + i0 + "/colour",
										schemaPath: "#/properties/cords/items/properties/colour/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err87];
									else vErrors.push(err87);
									errors++;
								}
							} else {
								const err88 = {
									instancePath: instancePath + "/cords/" + i0 + "/colour",
									schemaPath: "#/properties/cords/items/properties/colour/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err88];
								else vErrors.push(err88);
								errors++;
							}
						}
					} else {
						const err89 = {
							instancePath: instancePath + "/cords/" + i0,
							schemaPath: "#/properties/cords/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err89];
						else vErrors.push(err89);
						errors++;
					}
				}
			} else {
				const err90 = {
					instancePath: instancePath + "/cords",
					schemaPath: "#/properties/cords/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err90];
				else vErrors.push(err90);
				errors++;
			}
		}
		if (data.closure !== void 0) {
			let data31 = data.closure;
			if (data31 && typeof data31 == "object" && !Array.isArray(data31)) {
				if (data31.kind === void 0) {
					const err91 = {
						instancePath: instancePath + "/closure",
						schemaPath: "#/properties/closure/required",
						keyword: "required",
						params: { missingProperty: "kind" },
						message: "must have required property 'kind'"
					};
					if (vErrors === null) vErrors = [err91];
					else vErrors.push(err91);
					errors++;
				}
				for (const key10 in data31) if (!func2.call(schema11.properties.closure.properties, key10)) {
					const err92 = {
						instancePath: instancePath + "/closure",
						schemaPath: "#/properties/closure/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key10 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err92];
					else vErrors.push(err92);
					errors++;
				}
				if (data31.kind !== void 0) {
					let data32 = data31.kind;
					if (typeof data32 === "string") {
						if (func3(data32) > 60) {
							const err93 = {
								instancePath: instancePath + "/closure/kind",
								schemaPath: "#/properties/closure/properties/kind/maxLength",
								keyword: "maxLength",
								params: { limit: 60 },
								message: "must NOT have more than 60 characters"
							};
							if (vErrors === null) vErrors = [err93];
							else vErrors.push(err93);
							errors++;
						}
					} else {
						const err94 = {
							instancePath: instancePath + "/closure/kind",
							schemaPath: "#/properties/closure/properties/kind/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err94];
						else vErrors.push(err94);
						errors++;
					}
				}
				if (data31.sizeMm !== void 0) {
					let data33 = data31.sizeMm;
					if (!(typeof data33 == "number" && isFinite(data33))) {
						const err95 = {
							instancePath: instancePath + "/closure/sizeMm",
							schemaPath: "#/properties/closure/properties/sizeMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err95];
						else vErrors.push(err95);
						errors++;
					}
				}
				if (data31.lengthMm !== void 0) {
					let data34 = data31.lengthMm;
					if (!(typeof data34 == "number" && isFinite(data34))) {
						const err96 = {
							instancePath: instancePath + "/closure/lengthMm",
							schemaPath: "#/properties/closure/properties/lengthMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err96];
						else vErrors.push(err96);
						errors++;
					}
				}
				if (data31.attach !== void 0) {
					let data35 = data31.attach;
					if (!(data35 === "returned" || data35 === "hitched")) {
						const err97 = {
							instancePath: instancePath + "/closure/attach",
							schemaPath: "#/properties/closure/properties/attach/enum",
							keyword: "enum",
							params: { allowedValues: schema11.properties.closure.properties.attach.enum },
							message: "must be equal to one of the allowed values"
						};
						if (vErrors === null) vErrors = [err97];
						else vErrors.push(err97);
						errors++;
					}
				}
				if (data31.hole !== void 0) {
					let data36 = data31.hole;
					if (!(typeof data36 == "number" && !(data36 % 1) && !isNaN(data36) && isFinite(data36))) {
						const err98 = {
							instancePath: instancePath + "/closure/hole",
							schemaPath: "#/properties/closure/properties/hole/type",
							keyword: "type",
							params: { type: "integer" },
							message: "must be integer"
						};
						if (vErrors === null) vErrors = [err98];
						else vErrors.push(err98);
						errors++;
					}
				}
				if (data31.knot !== void 0) {
					let data37 = data31.knot;
					if (typeof data37 === "string") {
						if (func3(data37) > 60) {
							const err99 = {
								instancePath: instancePath + "/closure/knot",
								schemaPath: "#/properties/closure/properties/knot/maxLength",
								keyword: "maxLength",
								params: { limit: 60 },
								message: "must NOT have more than 60 characters"
							};
							if (vErrors === null) vErrors = [err99];
							else vErrors.push(err99);
							errors++;
						}
					} else {
						const err100 = {
							instancePath: instancePath + "/closure/knot",
							schemaPath: "#/properties/closure/properties/knot/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err100];
						else vErrors.push(err100);
						errors++;
					}
				}
				if (data31.loopShare !== void 0) {
					let data38 = data31.loopShare;
					if (!(typeof data38 == "number" && isFinite(data38))) {
						const err101 = {
							instancePath: instancePath + "/closure/loopShare",
							schemaPath: "#/properties/closure/properties/loopShare/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err101];
						else vErrors.push(err101);
						errors++;
					}
				}
				if (data31.openMm !== void 0) {
					let data39 = data31.openMm;
					if (!(typeof data39 == "number" && isFinite(data39))) {
						const err102 = {
							instancePath: instancePath + "/closure/openMm",
							schemaPath: "#/properties/closure/properties/openMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err102];
						else vErrors.push(err102);
						errors++;
					}
				}
				if (data31.gapMm !== void 0) {
					let data40 = data31.gapMm;
					if (!(typeof data40 == "number" && isFinite(data40))) {
						const err103 = {
							instancePath: instancePath + "/closure/gapMm",
							schemaPath: "#/properties/closure/properties/gapMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err103];
						else vErrors.push(err103);
						errors++;
					}
				}
				if (data31.pastMm !== void 0) {
					let data41 = data31.pastMm;
					if (!(typeof data41 == "number" && isFinite(data41))) {
						const err104 = {
							instancePath: instancePath + "/closure/pastMm",
							schemaPath: "#/properties/closure/properties/pastMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err104];
						else vErrors.push(err104);
						errors++;
					}
				}
				if (data31.rows !== void 0) {
					let data42 = data31.rows;
					if (!(typeof data42 == "number" && !(data42 % 1) && !isNaN(data42) && isFinite(data42))) {
						const err105 = {
							instancePath: instancePath + "/closure/rows",
							schemaPath: "#/properties/closure/properties/rows/type",
							keyword: "type",
							params: { type: "integer" },
							message: "must be integer"
						};
						if (vErrors === null) vErrors = [err105];
						else vErrors.push(err105);
						errors++;
					}
				}
				if (data31.cord !== void 0) {
					let data43 = data31.cord;
					if (typeof data43 === "string") {
						if (func3(data43) > 60) {
							const err106 = {
								instancePath: instancePath + "/closure/cord",
								schemaPath: "#/properties/closure/properties/cord/maxLength",
								keyword: "maxLength",
								params: { limit: 60 },
								message: "must NOT have more than 60 characters"
							};
							if (vErrors === null) vErrors = [err106];
							else vErrors.push(err106);
							errors++;
						}
					} else {
						const err107 = {
							instancePath: instancePath + "/closure/cord",
							schemaPath: "#/properties/closure/properties/cord/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err107];
						else vErrors.push(err107);
						errors++;
					}
				}
			} else {
				const err108 = {
					instancePath: instancePath + "/closure",
					schemaPath: "#/properties/closure/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err108];
				else vErrors.push(err108);
				errors++;
			}
		}
		if (data.wet !== void 0) {
			let data44 = data.wet;
			if (!(data44 === "ignore" || data44 === "add" || data44 === "pre-shrink")) {
				const err109 = {
					instancePath: instancePath + "/wet",
					schemaPath: "#/properties/wet/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.wet.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err109];
				else vErrors.push(err109);
				errors++;
			}
		}
		if (data.margin !== void 0) {
			let data45 = data.margin;
			if (!(data45 === "never-short" || data45 === "measured" || data45 === "thrifty")) {
				const err110 = {
					instancePath: instancePath + "/margin",
					schemaPath: "#/properties/margin/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.margin.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err110];
				else vErrors.push(err110);
				errors++;
			}
		}
		if (data.tailMm !== void 0) {
			let data46 = data.tailMm;
			if (!(typeof data46 == "number" && isFinite(data46))) {
				const err111 = {
					instancePath: instancePath + "/tailMm",
					schemaPath: "#/properties/tailMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err111];
				else vErrors.push(err111);
				errors++;
			}
		}
		if (data.roundToMm !== void 0) {
			let data47 = data.roundToMm;
			if (!(typeof data47 == "number" && isFinite(data47))) {
				const err112 = {
					instancePath: instancePath + "/roundToMm",
					schemaPath: "#/properties/roundToMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err112];
				else vErrors.push(err112);
				errors++;
			}
		}
		if (data.notes !== void 0) {
			let data48 = data.notes;
			if (typeof data48 === "string") {
				if (func3(data48) > 4e3) {
					const err113 = {
						instancePath: instancePath + "/notes",
						schemaPath: "#/properties/notes/maxLength",
						keyword: "maxLength",
						params: { limit: 4e3 },
						message: "must NOT have more than 4000 characters"
					};
					if (vErrors === null) vErrors = [err113];
					else vErrors.push(err113);
					errors++;
				}
			} else {
				const err114 = {
					instancePath: instancePath + "/notes",
					schemaPath: "#/properties/notes/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err114];
				else vErrors.push(err114);
				errors++;
			}
		}
	} else {
		const err115 = {
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		};
		if (vErrors === null) vErrors = [err115];
		else vErrors.push(err115);
		errors++;
	}
	validate10.errors = vErrors;
	return errors === 0;
}
export { design_default as default, validate };
