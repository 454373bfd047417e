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
				},
				"strands": {
					"type": "object",
					"description": "Which cord each passage of a strand is made of, by strand name and lane, e.g. \"A/0\": index into cords. Only with separate cords.",
					"additionalProperties": {
						"type": "integer",
						"minimum": 0,
						"maximum": 5
					},
					"maxProperties": 60
				},
				"spacing": {
					"type": "number",
					"minimum": 0,
					"maximum": 1,
					"description": "Room left between rows, in cord diameters, so that the cores show."
				}
			}
		},
		"cords": {
			"type": "array",
			"minItems": 1,
			"maxItems": 6,
			"description": "folded, side-by-side: the cord. fused: front colour, edge colour. separate: working cord, core cord. With strands of its own choice: as many as those name.",
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
		"looks": {
			"type": "array",
			"maxItems": 20,
			"description": "Cords of the maker's own that this design uses, so that others see them too.",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"id",
					"name",
					"look",
					"base",
					"accents"
				],
				"properties": {
					"id": {
						"type": "string",
						"minLength": 1,
						"maxLength": 60
					},
					"name": {
						"type": "string",
						"minLength": 1,
						"maxLength": 60
					},
					"letter": {
						"type": "string",
						"minLength": 1,
						"maxLength": 2
					},
					"look": { "enum": [
						"solid",
						"flecked",
						"striped",
						"camouflage",
						"two-tone"
					] },
					"base": {
						"type": "string",
						"pattern": "^#[0-9a-f]{6}$"
					},
					"accents": {
						"type": "array",
						"maxItems": 4,
						"items": {
							"type": "string",
							"pattern": "^#[0-9a-f]{6}$"
						}
					},
					"scale": {
						"type": "number",
						"minimum": .3,
						"maximum": 4,
						"description": "Size of flecks, patches or turns over the usual."
					}
				}
			}
		},
		"face": {
			"enum": ["front", "back"],
			"description": "Which face is worn outside."
		},
		"sequence": {
			"type": "object",
			"additionalProperties": false,
			"required": ["text"],
			"description": "Colours along the length, by letters of the cords.",
			"properties": {
				"text": {
					"type": "string",
					"maxLength": 4e3,
					"description": "e.g. 6A 2B 6A, (3A 1B)*, 20mmA 10mmB"
				},
				"way": {
					"enum": [
						"swap",
						"carry",
						"splice"
					],
					"description": "How the colour is changed; left out, the cheapest that can be hidden."
				}
			}
		},
		"addons": {
			"type": "array",
			"maxItems": 40,
			"description": "Rings, beads, sliders, charms and tags along the band.",
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": ["kind", "at"],
				"properties": {
					"kind": { "enum": [
						"ring",
						"bead",
						"slider",
						"charm",
						"tag"
					] },
					"name": {
						"type": "string",
						"maxLength": 60
					},
					"at": { "oneOf": [
						{
							"type": "object",
							"additionalProperties": false,
							"required": ["row"],
							"properties": { "row": {
								"type": "integer",
								"minimum": 1
							} }
						},
						{
							"type": "object",
							"additionalProperties": false,
							"required": ["mm"],
							"properties": { "mm": {
								"type": "number",
								"minimum": 0
							} }
						},
						{
							"type": "object",
							"additionalProperties": false,
							"required": ["centre"],
							"properties": { "centre": { "const": true } }
						}
					] },
					"sizeMm": {
						"type": "number",
						"minimum": 2,
						"maximum": 120,
						"description": "Length along the band: a ring's flat side, a bead's length."
					},
					"holeMm": {
						"type": "number",
						"minimum": .5,
						"maximum": 40
					},
					"weightG": {
						"type": "number",
						"minimum": 0,
						"maximum": 200
					}
				}
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
		"margin": {
			"enum": [
				"never-short",
				"measured",
				"thrifty"
			],
			"description": "Chance of not running short by its name: 99.9, 98 or 90 %."
		},
		"chance": {
			"type": "number",
			"minimum": .5,
			"maximum": .9999,
			"description": "Chance that no end runs short, 0.5 to 0.9999; in place of margin."
		},
		"hands": {
			"enum": ["fingers", "tool"],
			"description": "How ends are led through at last: by fingers, or with a fid, lacing needle or forceps."
		},
		"tailMm": {
			"type": "number",
			"description": "What the maker's hands need of each end, in place of the usual lengths."
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
const pattern0 = /* @__PURE__ */ new RegExp("^#[0-9a-f]{6}$", "u");
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
				for (const key8 in data25) if (!(key8 === "style" || key8 === "hold" || key8 === "strands" || key8 === "spacing")) {
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
				if (data25.strands !== void 0) {
					let data28 = data25.strands;
					if (data28 && typeof data28 == "object" && !Array.isArray(data28)) {
						if (Object.keys(data28).length > 60) {
							const err82 = {
								instancePath: instancePath + "/setup/strands",
								schemaPath: "#/properties/setup/properties/strands/maxProperties",
								keyword: "maxProperties",
								params: { limit: 60 },
								message: "must NOT have more than 60 properties"
							};
							if (vErrors === null) vErrors = [err82];
							else vErrors.push(err82);
							errors++;
						}
						for (const key9 in data28) {
							let data29 = data28[key9];
							if (!(typeof data29 == "number" && !(data29 % 1) && !isNaN(data29) && isFinite(data29))) {
								const err83 = {
									instancePath: instancePath + "/setup/strands/" + key9.replace(/~/g, "~0").replace(/\//g, "~1"),
									schemaPath: "#/properties/setup/properties/strands/additionalProperties/type",
									keyword: "type",
									params: { type: "integer" },
									message: "must be integer"
								};
								if (vErrors === null) vErrors = [err83];
								else vErrors.push(err83);
								errors++;
							}
							if (typeof data29 == "number" && isFinite(data29)) {
								if (data29 > 5 || isNaN(data29)) {
									const err84 = {
										instancePath: instancePath + "/setup/strands/" + key9.replace(/~/g, "~0").replace(/\//g, "~1"),
										schemaPath: "#/properties/setup/properties/strands/additionalProperties/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 5
										},
										message: "must be <= 5"
									};
									if (vErrors === null) vErrors = [err84];
									else vErrors.push(err84);
									errors++;
								}
								if (data29 < 0 || isNaN(data29)) {
									const err85 = {
										instancePath: instancePath + "/setup/strands/" + key9.replace(/~/g, "~0").replace(/\//g, "~1"),
										schemaPath: "#/properties/setup/properties/strands/additionalProperties/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err85];
									else vErrors.push(err85);
									errors++;
								}
							}
						}
					} else {
						const err86 = {
							instancePath: instancePath + "/setup/strands",
							schemaPath: "#/properties/setup/properties/strands/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err86];
						else vErrors.push(err86);
						errors++;
					}
				}
				if (data25.spacing !== void 0) {
					let data30 = data25.spacing;
					if (typeof data30 == "number" && isFinite(data30)) {
						if (data30 > 1 || isNaN(data30)) {
							const err87 = {
								instancePath: instancePath + "/setup/spacing",
								schemaPath: "#/properties/setup/properties/spacing/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 1
								},
								message: "must be <= 1"
							};
							if (vErrors === null) vErrors = [err87];
							else vErrors.push(err87);
							errors++;
						}
						if (data30 < 0 || isNaN(data30)) {
							const err88 = {
								instancePath: instancePath + "/setup/spacing",
								schemaPath: "#/properties/setup/properties/spacing/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err88];
							else vErrors.push(err88);
							errors++;
						}
					} else {
						const err89 = {
							instancePath: instancePath + "/setup/spacing",
							schemaPath: "#/properties/setup/properties/spacing/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err89];
						else vErrors.push(err89);
						errors++;
					}
				}
			} else {
				const err90 = {
					instancePath: instancePath + "/setup",
					schemaPath: "#/properties/setup/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err90];
				else vErrors.push(err90);
				errors++;
			}
		}
		if (data.cords !== void 0) {
			let data31 = data.cords;
			if (Array.isArray(data31)) {
				if (data31.length > 6) {
					const err91 = {
						instancePath: instancePath + "/cords",
						schemaPath: "#/properties/cords/maxItems",
						keyword: "maxItems",
						params: { limit: 6 },
						message: "must NOT have more than 6 items"
					};
					if (vErrors === null) vErrors = [err91];
					else vErrors.push(err91);
					errors++;
				}
				if (data31.length < 1) {
					const err92 = {
						instancePath: instancePath + "/cords",
						schemaPath: "#/properties/cords/minItems",
						keyword: "minItems",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 items"
					};
					if (vErrors === null) vErrors = [err92];
					else vErrors.push(err92);
					errors++;
				}
				const len0 = data31.length;
				for (let i0 = 0; i0 < len0; i0++) {
					let data32 = data31[i0];
					if (data32 && typeof data32 == "object" && !Array.isArray(data32)) {
						if (data32.colour === void 0) {
							const err93 = {
								instancePath: instancePath + "/cords/" + i0,
								schemaPath: "#/properties/cords/items/required",
								keyword: "required",
								params: { missingProperty: "colour" },
								message: "must have required property 'colour'"
							};
							if (vErrors === null) vErrors = [err93];
							else vErrors.push(err93);
							errors++;
						}
						for (const key10 in data32) if (!(key10 === "colour")) {
							const err94 = {
								instancePath: instancePath + "/cords/" + i0,
								schemaPath: "#/properties/cords/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key10 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err94];
							else vErrors.push(err94);
							errors++;
						}
						if (data32.colour !== void 0) {
							let data33 = data32.colour;
							if (typeof data33 === "string") {
								if (func3(data33) > 60) {
									const err95 = {
										instancePath: instancePath + "/cords/" + i0 + "/colour",
										schemaPath: "#/properties/cords/items/properties/colour/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err95];
									else vErrors.push(err95);
									errors++;
								}
							} else {
								const err96 = {
									instancePath: instancePath + "/cords/" + i0 + "/colour",
									schemaPath: "#/properties/cords/items/properties/colour/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err96];
								else vErrors.push(err96);
								errors++;
							}
						}
					} else {
						const err97 = {
							instancePath: instancePath + "/cords/" + i0,
							schemaPath: "#/properties/cords/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err97];
						else vErrors.push(err97);
						errors++;
					}
				}
			} else {
				const err98 = {
					instancePath: instancePath + "/cords",
					schemaPath: "#/properties/cords/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err98];
				else vErrors.push(err98);
				errors++;
			}
		}
		if (data.looks !== void 0) {
			let data34 = data.looks;
			if (Array.isArray(data34)) {
				if (data34.length > 20) {
					const err99 = {
						instancePath: instancePath + "/looks",
						schemaPath: "#/properties/looks/maxItems",
						keyword: "maxItems",
						params: { limit: 20 },
						message: "must NOT have more than 20 items"
					};
					if (vErrors === null) vErrors = [err99];
					else vErrors.push(err99);
					errors++;
				}
				const len1 = data34.length;
				for (let i1 = 0; i1 < len1; i1++) {
					let data35 = data34[i1];
					if (data35 && typeof data35 == "object" && !Array.isArray(data35)) {
						if (data35.id === void 0) {
							const err100 = {
								instancePath: instancePath + "/looks/" + i1,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "id" },
								message: "must have required property 'id'"
							};
							if (vErrors === null) vErrors = [err100];
							else vErrors.push(err100);
							errors++;
						}
						if (data35.name === void 0) {
							const err101 = {
								instancePath: instancePath + "/looks/" + i1,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "name" },
								message: "must have required property 'name'"
							};
							if (vErrors === null) vErrors = [err101];
							else vErrors.push(err101);
							errors++;
						}
						if (data35.look === void 0) {
							const err102 = {
								instancePath: instancePath + "/looks/" + i1,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "look" },
								message: "must have required property 'look'"
							};
							if (vErrors === null) vErrors = [err102];
							else vErrors.push(err102);
							errors++;
						}
						if (data35.base === void 0) {
							const err103 = {
								instancePath: instancePath + "/looks/" + i1,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "base" },
								message: "must have required property 'base'"
							};
							if (vErrors === null) vErrors = [err103];
							else vErrors.push(err103);
							errors++;
						}
						if (data35.accents === void 0) {
							const err104 = {
								instancePath: instancePath + "/looks/" + i1,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "accents" },
								message: "must have required property 'accents'"
							};
							if (vErrors === null) vErrors = [err104];
							else vErrors.push(err104);
							errors++;
						}
						for (const key11 in data35) if (!(key11 === "id" || key11 === "name" || key11 === "letter" || key11 === "look" || key11 === "base" || key11 === "accents" || key11 === "scale")) {
							const err105 = {
								instancePath: instancePath + "/looks/" + i1,
								schemaPath: "#/properties/looks/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key11 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err105];
							else vErrors.push(err105);
							errors++;
						}
						if (data35.id !== void 0) {
							let data36 = data35.id;
							if (typeof data36 === "string") {
								if (func3(data36) > 60) {
									const err106 = {
										instancePath: instancePath + "/looks/" + i1 + "/id",
										schemaPath: "#/properties/looks/items/properties/id/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err106];
									else vErrors.push(err106);
									errors++;
								}
								if (func3(data36) < 1) {
									const err107 = {
										instancePath: instancePath + "/looks/" + i1 + "/id",
										schemaPath: "#/properties/looks/items/properties/id/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err107];
									else vErrors.push(err107);
									errors++;
								}
							} else {
								const err108 = {
									instancePath: instancePath + "/looks/" + i1 + "/id",
									schemaPath: "#/properties/looks/items/properties/id/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err108];
								else vErrors.push(err108);
								errors++;
							}
						}
						if (data35.name !== void 0) {
							let data37 = data35.name;
							if (typeof data37 === "string") {
								if (func3(data37) > 60) {
									const err109 = {
										instancePath: instancePath + "/looks/" + i1 + "/name",
										schemaPath: "#/properties/looks/items/properties/name/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err109];
									else vErrors.push(err109);
									errors++;
								}
								if (func3(data37) < 1) {
									const err110 = {
										instancePath: instancePath + "/looks/" + i1 + "/name",
										schemaPath: "#/properties/looks/items/properties/name/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err110];
									else vErrors.push(err110);
									errors++;
								}
							} else {
								const err111 = {
									instancePath: instancePath + "/looks/" + i1 + "/name",
									schemaPath: "#/properties/looks/items/properties/name/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err111];
								else vErrors.push(err111);
								errors++;
							}
						}
						if (data35.letter !== void 0) {
							let data38 = data35.letter;
							if (typeof data38 === "string") {
								if (func3(data38) > 2) {
									const err112 = {
										instancePath: instancePath + "/looks/" + i1 + "/letter",
										schemaPath: "#/properties/looks/items/properties/letter/maxLength",
										keyword: "maxLength",
										params: { limit: 2 },
										message: "must NOT have more than 2 characters"
									};
									if (vErrors === null) vErrors = [err112];
									else vErrors.push(err112);
									errors++;
								}
								if (func3(data38) < 1) {
									const err113 = {
										instancePath: instancePath + "/looks/" + i1 + "/letter",
										schemaPath: "#/properties/looks/items/properties/letter/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err113];
									else vErrors.push(err113);
									errors++;
								}
							} else {
								const err114 = {
									instancePath: instancePath + "/looks/" + i1 + "/letter",
									schemaPath: "#/properties/looks/items/properties/letter/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err114];
								else vErrors.push(err114);
								errors++;
							}
						}
						if (data35.look !== void 0) {
							let data39 = data35.look;
							if (!(data39 === "solid" || data39 === "flecked" || data39 === "striped" || data39 === "camouflage" || data39 === "two-tone")) {
								const err115 = {
									instancePath: instancePath + "/looks/" + i1 + "/look",
									schemaPath: "#/properties/looks/items/properties/look/enum",
									keyword: "enum",
									params: { allowedValues: schema11.properties.looks.items.properties.look.enum },
									message: "must be equal to one of the allowed values"
								};
								if (vErrors === null) vErrors = [err115];
								else vErrors.push(err115);
								errors++;
							}
						}
						if (data35.base !== void 0) {
							let data40 = data35.base;
							if (typeof data40 === "string") {
								if (!pattern0.test(data40)) {
									const err116 = {
										instancePath: instancePath + "/looks/" + i1 + "/base",
										schemaPath: "#/properties/looks/items/properties/base/pattern",
										keyword: "pattern",
										params: { pattern: "^#[0-9a-f]{6}$" },
										message: "must match pattern \"^#[0-9a-f]{6}$\""
									};
									if (vErrors === null) vErrors = [err116];
									else vErrors.push(err116);
									errors++;
								}
							} else {
								const err117 = {
									instancePath: instancePath + "/looks/" + i1 + "/base",
									schemaPath: "#/properties/looks/items/properties/base/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err117];
								else vErrors.push(err117);
								errors++;
							}
						}
						if (data35.accents !== void 0) {
							let data41 = data35.accents;
							if (Array.isArray(data41)) {
								if (data41.length > 4) {
									const err118 = {
										instancePath: instancePath + "/looks/" + i1 + "/accents",
										schemaPath: "#/properties/looks/items/properties/accents/maxItems",
										keyword: "maxItems",
										params: { limit: 4 },
										message: "must NOT have more than 4 items"
									};
									if (vErrors === null) vErrors = [err118];
									else vErrors.push(err118);
									errors++;
								}
								const len2 = data41.length;
								for (let i2 = 0; i2 < len2; i2++) {
									let data42 = data41[i2];
									if (typeof data42 === "string") {
										if (!pattern0.test(data42)) {
											const err119 = {
												instancePath: instancePath + "/looks/" + i1 + "/accents/" + i2,
												schemaPath: "#/properties/looks/items/properties/accents/items/pattern",
												keyword: "pattern",
												params: { pattern: "^#[0-9a-f]{6}$" },
												message: "must match pattern \"^#[0-9a-f]{6}$\""
											};
											if (vErrors === null) vErrors = [err119];
											else vErrors.push(err119);
											errors++;
										}
									} else {
										const err120 = {
											instancePath: instancePath + "/looks/" + i1 + "/accents/" + i2,
											schemaPath: "#/properties/looks/items/properties/accents/items/type",
											keyword: "type",
											params: { type: "string" },
											message: "must be string"
										};
										if (vErrors === null) vErrors = [err120];
										else vErrors.push(err120);
										errors++;
									}
								}
							} else {
								const err121 = {
									instancePath: instancePath + "/looks/" + i1 + "/accents",
									schemaPath: "#/properties/looks/items/properties/accents/type",
									keyword: "type",
									params: { type: "array" },
									message: "must be array"
								};
								if (vErrors === null) vErrors = [err121];
								else vErrors.push(err121);
								errors++;
							}
						}
						if (data35.scale !== void 0) {
							let data43 = data35.scale;
							if (typeof data43 == "number" && isFinite(data43)) {
								if (data43 > 4 || isNaN(data43)) {
									const err122 = {
										instancePath: instancePath + "/looks/" + i1 + "/scale",
										schemaPath: "#/properties/looks/items/properties/scale/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 4
										},
										message: "must be <= 4"
									};
									if (vErrors === null) vErrors = [err122];
									else vErrors.push(err122);
									errors++;
								}
								if (data43 < .3 || isNaN(data43)) {
									const err123 = {
										instancePath: instancePath + "/looks/" + i1 + "/scale",
										schemaPath: "#/properties/looks/items/properties/scale/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: .3
										},
										message: "must be >= 0.3"
									};
									if (vErrors === null) vErrors = [err123];
									else vErrors.push(err123);
									errors++;
								}
							} else {
								const err124 = {
									instancePath: instancePath + "/looks/" + i1 + "/scale",
									schemaPath: "#/properties/looks/items/properties/scale/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err124];
								else vErrors.push(err124);
								errors++;
							}
						}
					} else {
						const err125 = {
							instancePath: instancePath + "/looks/" + i1,
							schemaPath: "#/properties/looks/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err125];
						else vErrors.push(err125);
						errors++;
					}
				}
			} else {
				const err126 = {
					instancePath: instancePath + "/looks",
					schemaPath: "#/properties/looks/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err126];
				else vErrors.push(err126);
				errors++;
			}
		}
		if (data.face !== void 0) {
			let data44 = data.face;
			if (!(data44 === "front" || data44 === "back")) {
				const err127 = {
					instancePath: instancePath + "/face",
					schemaPath: "#/properties/face/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.face.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err127];
				else vErrors.push(err127);
				errors++;
			}
		}
		if (data.sequence !== void 0) {
			let data45 = data.sequence;
			if (data45 && typeof data45 == "object" && !Array.isArray(data45)) {
				if (data45.text === void 0) {
					const err128 = {
						instancePath: instancePath + "/sequence",
						schemaPath: "#/properties/sequence/required",
						keyword: "required",
						params: { missingProperty: "text" },
						message: "must have required property 'text'"
					};
					if (vErrors === null) vErrors = [err128];
					else vErrors.push(err128);
					errors++;
				}
				for (const key12 in data45) if (!(key12 === "text" || key12 === "way")) {
					const err129 = {
						instancePath: instancePath + "/sequence",
						schemaPath: "#/properties/sequence/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key12 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err129];
					else vErrors.push(err129);
					errors++;
				}
				if (data45.text !== void 0) {
					let data46 = data45.text;
					if (typeof data46 === "string") {
						if (func3(data46) > 4e3) {
							const err130 = {
								instancePath: instancePath + "/sequence/text",
								schemaPath: "#/properties/sequence/properties/text/maxLength",
								keyword: "maxLength",
								params: { limit: 4e3 },
								message: "must NOT have more than 4000 characters"
							};
							if (vErrors === null) vErrors = [err130];
							else vErrors.push(err130);
							errors++;
						}
					} else {
						const err131 = {
							instancePath: instancePath + "/sequence/text",
							schemaPath: "#/properties/sequence/properties/text/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err131];
						else vErrors.push(err131);
						errors++;
					}
				}
				if (data45.way !== void 0) {
					let data47 = data45.way;
					if (!(data47 === "swap" || data47 === "carry" || data47 === "splice")) {
						const err132 = {
							instancePath: instancePath + "/sequence/way",
							schemaPath: "#/properties/sequence/properties/way/enum",
							keyword: "enum",
							params: { allowedValues: schema11.properties.sequence.properties.way.enum },
							message: "must be equal to one of the allowed values"
						};
						if (vErrors === null) vErrors = [err132];
						else vErrors.push(err132);
						errors++;
					}
				}
			} else {
				const err133 = {
					instancePath: instancePath + "/sequence",
					schemaPath: "#/properties/sequence/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err133];
				else vErrors.push(err133);
				errors++;
			}
		}
		if (data.addons !== void 0) {
			let data48 = data.addons;
			if (Array.isArray(data48)) {
				if (data48.length > 40) {
					const err134 = {
						instancePath: instancePath + "/addons",
						schemaPath: "#/properties/addons/maxItems",
						keyword: "maxItems",
						params: { limit: 40 },
						message: "must NOT have more than 40 items"
					};
					if (vErrors === null) vErrors = [err134];
					else vErrors.push(err134);
					errors++;
				}
				const len3 = data48.length;
				for (let i3 = 0; i3 < len3; i3++) {
					let data49 = data48[i3];
					if (data49 && typeof data49 == "object" && !Array.isArray(data49)) {
						if (data49.kind === void 0) {
							const err135 = {
								instancePath: instancePath + "/addons/" + i3,
								schemaPath: "#/properties/addons/items/required",
								keyword: "required",
								params: { missingProperty: "kind" },
								message: "must have required property 'kind'"
							};
							if (vErrors === null) vErrors = [err135];
							else vErrors.push(err135);
							errors++;
						}
						if (data49.at === void 0) {
							const err136 = {
								instancePath: instancePath + "/addons/" + i3,
								schemaPath: "#/properties/addons/items/required",
								keyword: "required",
								params: { missingProperty: "at" },
								message: "must have required property 'at'"
							};
							if (vErrors === null) vErrors = [err136];
							else vErrors.push(err136);
							errors++;
						}
						for (const key13 in data49) if (!(key13 === "kind" || key13 === "name" || key13 === "at" || key13 === "sizeMm" || key13 === "holeMm" || key13 === "weightG")) {
							const err137 = {
								instancePath: instancePath + "/addons/" + i3,
								schemaPath: "#/properties/addons/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key13 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err137];
							else vErrors.push(err137);
							errors++;
						}
						if (data49.kind !== void 0) {
							let data50 = data49.kind;
							if (!(data50 === "ring" || data50 === "bead" || data50 === "slider" || data50 === "charm" || data50 === "tag")) {
								const err138 = {
									instancePath: instancePath + "/addons/" + i3 + "/kind",
									schemaPath: "#/properties/addons/items/properties/kind/enum",
									keyword: "enum",
									params: { allowedValues: schema11.properties.addons.items.properties.kind.enum },
									message: "must be equal to one of the allowed values"
								};
								if (vErrors === null) vErrors = [err138];
								else vErrors.push(err138);
								errors++;
							}
						}
						if (data49.name !== void 0) {
							let data51 = data49.name;
							if (typeof data51 === "string") {
								if (func3(data51) > 60) {
									const err139 = {
										instancePath: instancePath + "/addons/" + i3 + "/name",
										schemaPath: "#/properties/addons/items/properties/name/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err139];
									else vErrors.push(err139);
									errors++;
								}
							} else {
								const err140 = {
									instancePath: instancePath + "/addons/" + i3 + "/name",
									schemaPath: "#/properties/addons/items/properties/name/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err140];
								else vErrors.push(err140);
								errors++;
							}
						}
						if (data49.at !== void 0) {
							let data52 = data49.at;
							const _errs116 = errors;
							let valid23 = false;
							let passing1 = null;
							const _errs117 = errors;
							if (data52 && typeof data52 == "object" && !Array.isArray(data52)) {
								if (data52.row === void 0) {
									const err141 = {
										instancePath: instancePath + "/addons/" + i3 + "/at",
										schemaPath: "#/properties/addons/items/properties/at/oneOf/0/required",
										keyword: "required",
										params: { missingProperty: "row" },
										message: "must have required property 'row'"
									};
									if (vErrors === null) vErrors = [err141];
									else vErrors.push(err141);
									errors++;
								}
								for (const key14 in data52) if (!(key14 === "row")) {
									const err142 = {
										instancePath: instancePath + "/addons/" + i3 + "/at",
										schemaPath: "#/properties/addons/items/properties/at/oneOf/0/additionalProperties",
										keyword: "additionalProperties",
										params: { additionalProperty: key14 },
										message: "must NOT have additional properties"
									};
									if (vErrors === null) vErrors = [err142];
									else vErrors.push(err142);
									errors++;
								}
								if (data52.row !== void 0) {
									let data53 = data52.row;
									if (!(typeof data53 == "number" && !(data53 % 1) && !isNaN(data53) && isFinite(data53))) {
										const err143 = {
											instancePath: instancePath + "/addons/" + i3 + "/at/row",
											schemaPath: "#/properties/addons/items/properties/at/oneOf/0/properties/row/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err143];
										else vErrors.push(err143);
										errors++;
									}
									if (typeof data53 == "number" && isFinite(data53)) {
										if (data53 < 1 || isNaN(data53)) {
											const err144 = {
												instancePath: instancePath + "/addons/" + i3 + "/at/row",
												schemaPath: "#/properties/addons/items/properties/at/oneOf/0/properties/row/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 1
												},
												message: "must be >= 1"
											};
											if (vErrors === null) vErrors = [err144];
											else vErrors.push(err144);
											errors++;
										}
									}
								}
							} else {
								const err145 = {
									instancePath: instancePath + "/addons/" + i3 + "/at",
									schemaPath: "#/properties/addons/items/properties/at/oneOf/0/type",
									keyword: "type",
									params: { type: "object" },
									message: "must be object"
								};
								if (vErrors === null) vErrors = [err145];
								else vErrors.push(err145);
								errors++;
							}
							var _valid1 = _errs117 === errors;
							if (_valid1) {
								valid23 = true;
								passing1 = 0;
							}
							const _errs122 = errors;
							if (data52 && typeof data52 == "object" && !Array.isArray(data52)) {
								if (data52.mm === void 0) {
									const err146 = {
										instancePath: instancePath + "/addons/" + i3 + "/at",
										schemaPath: "#/properties/addons/items/properties/at/oneOf/1/required",
										keyword: "required",
										params: { missingProperty: "mm" },
										message: "must have required property 'mm'"
									};
									if (vErrors === null) vErrors = [err146];
									else vErrors.push(err146);
									errors++;
								}
								for (const key15 in data52) if (!(key15 === "mm")) {
									const err147 = {
										instancePath: instancePath + "/addons/" + i3 + "/at",
										schemaPath: "#/properties/addons/items/properties/at/oneOf/1/additionalProperties",
										keyword: "additionalProperties",
										params: { additionalProperty: key15 },
										message: "must NOT have additional properties"
									};
									if (vErrors === null) vErrors = [err147];
									else vErrors.push(err147);
									errors++;
								}
								if (data52.mm !== void 0) {
									let data54 = data52.mm;
									if (typeof data54 == "number" && isFinite(data54)) {
										if (data54 < 0 || isNaN(data54)) {
											const err148 = {
												instancePath: instancePath + "/addons/" + i3 + "/at/mm",
												schemaPath: "#/properties/addons/items/properties/at/oneOf/1/properties/mm/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err148];
											else vErrors.push(err148);
											errors++;
										}
									} else {
										const err149 = {
											instancePath: instancePath + "/addons/" + i3 + "/at/mm",
											schemaPath: "#/properties/addons/items/properties/at/oneOf/1/properties/mm/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err149];
										else vErrors.push(err149);
										errors++;
									}
								}
							} else {
								const err150 = {
									instancePath: instancePath + "/addons/" + i3 + "/at",
									schemaPath: "#/properties/addons/items/properties/at/oneOf/1/type",
									keyword: "type",
									params: { type: "object" },
									message: "must be object"
								};
								if (vErrors === null) vErrors = [err150];
								else vErrors.push(err150);
								errors++;
							}
							var _valid1 = _errs122 === errors;
							if (_valid1 && valid23) {
								valid23 = false;
								passing1 = [passing1, 1];
							} else {
								if (_valid1) {
									valid23 = true;
									passing1 = 1;
								}
								const _errs127 = errors;
								if (data52 && typeof data52 == "object" && !Array.isArray(data52)) {
									if (data52.centre === void 0) {
										const err151 = {
											instancePath: instancePath + "/addons/" + i3 + "/at",
											schemaPath: "#/properties/addons/items/properties/at/oneOf/2/required",
											keyword: "required",
											params: { missingProperty: "centre" },
											message: "must have required property 'centre'"
										};
										if (vErrors === null) vErrors = [err151];
										else vErrors.push(err151);
										errors++;
									}
									for (const key16 in data52) if (!(key16 === "centre")) {
										const err152 = {
											instancePath: instancePath + "/addons/" + i3 + "/at",
											schemaPath: "#/properties/addons/items/properties/at/oneOf/2/additionalProperties",
											keyword: "additionalProperties",
											params: { additionalProperty: key16 },
											message: "must NOT have additional properties"
										};
										if (vErrors === null) vErrors = [err152];
										else vErrors.push(err152);
										errors++;
									}
									if (data52.centre !== void 0) {
										if (true !== data52.centre) {
											const err153 = {
												instancePath: instancePath + "/addons/" + i3 + "/at/centre",
												schemaPath: "#/properties/addons/items/properties/at/oneOf/2/properties/centre/const",
												keyword: "const",
												params: { allowedValue: true },
												message: "must be equal to constant"
											};
											if (vErrors === null) vErrors = [err153];
											else vErrors.push(err153);
											errors++;
										}
									}
								} else {
									const err154 = {
										instancePath: instancePath + "/addons/" + i3 + "/at",
										schemaPath: "#/properties/addons/items/properties/at/oneOf/2/type",
										keyword: "type",
										params: { type: "object" },
										message: "must be object"
									};
									if (vErrors === null) vErrors = [err154];
									else vErrors.push(err154);
									errors++;
								}
								var _valid1 = _errs127 === errors;
								if (_valid1 && valid23) {
									valid23 = false;
									passing1 = [passing1, 2];
								} else if (_valid1) {
									valid23 = true;
									passing1 = 2;
								}
							}
							if (!valid23) {
								const err155 = {
									instancePath: instancePath + "/addons/" + i3 + "/at",
									schemaPath: "#/properties/addons/items/properties/at/oneOf",
									keyword: "oneOf",
									params: { passingSchemas: passing1 },
									message: "must match exactly one schema in oneOf"
								};
								if (vErrors === null) vErrors = [err155];
								else vErrors.push(err155);
								errors++;
							} else {
								errors = _errs116;
								if (vErrors !== null) {
									if (_errs116) vErrors.length = _errs116;
									else vErrors = null;
								}
							}
						}
						if (data49.sizeMm !== void 0) {
							let data56 = data49.sizeMm;
							if (typeof data56 == "number" && isFinite(data56)) {
								if (data56 > 120 || isNaN(data56)) {
									const err156 = {
										instancePath: instancePath + "/addons/" + i3 + "/sizeMm",
										schemaPath: "#/properties/addons/items/properties/sizeMm/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 120
										},
										message: "must be <= 120"
									};
									if (vErrors === null) vErrors = [err156];
									else vErrors.push(err156);
									errors++;
								}
								if (data56 < 2 || isNaN(data56)) {
									const err157 = {
										instancePath: instancePath + "/addons/" + i3 + "/sizeMm",
										schemaPath: "#/properties/addons/items/properties/sizeMm/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 2
										},
										message: "must be >= 2"
									};
									if (vErrors === null) vErrors = [err157];
									else vErrors.push(err157);
									errors++;
								}
							} else {
								const err158 = {
									instancePath: instancePath + "/addons/" + i3 + "/sizeMm",
									schemaPath: "#/properties/addons/items/properties/sizeMm/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err158];
								else vErrors.push(err158);
								errors++;
							}
						}
						if (data49.holeMm !== void 0) {
							let data57 = data49.holeMm;
							if (typeof data57 == "number" && isFinite(data57)) {
								if (data57 > 40 || isNaN(data57)) {
									const err159 = {
										instancePath: instancePath + "/addons/" + i3 + "/holeMm",
										schemaPath: "#/properties/addons/items/properties/holeMm/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 40
										},
										message: "must be <= 40"
									};
									if (vErrors === null) vErrors = [err159];
									else vErrors.push(err159);
									errors++;
								}
								if (data57 < .5 || isNaN(data57)) {
									const err160 = {
										instancePath: instancePath + "/addons/" + i3 + "/holeMm",
										schemaPath: "#/properties/addons/items/properties/holeMm/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: .5
										},
										message: "must be >= 0.5"
									};
									if (vErrors === null) vErrors = [err160];
									else vErrors.push(err160);
									errors++;
								}
							} else {
								const err161 = {
									instancePath: instancePath + "/addons/" + i3 + "/holeMm",
									schemaPath: "#/properties/addons/items/properties/holeMm/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err161];
								else vErrors.push(err161);
								errors++;
							}
						}
						if (data49.weightG !== void 0) {
							let data58 = data49.weightG;
							if (typeof data58 == "number" && isFinite(data58)) {
								if (data58 > 200 || isNaN(data58)) {
									const err162 = {
										instancePath: instancePath + "/addons/" + i3 + "/weightG",
										schemaPath: "#/properties/addons/items/properties/weightG/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 200
										},
										message: "must be <= 200"
									};
									if (vErrors === null) vErrors = [err162];
									else vErrors.push(err162);
									errors++;
								}
								if (data58 < 0 || isNaN(data58)) {
									const err163 = {
										instancePath: instancePath + "/addons/" + i3 + "/weightG",
										schemaPath: "#/properties/addons/items/properties/weightG/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err163];
									else vErrors.push(err163);
									errors++;
								}
							} else {
								const err164 = {
									instancePath: instancePath + "/addons/" + i3 + "/weightG",
									schemaPath: "#/properties/addons/items/properties/weightG/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err164];
								else vErrors.push(err164);
								errors++;
							}
						}
					} else {
						const err165 = {
							instancePath: instancePath + "/addons/" + i3,
							schemaPath: "#/properties/addons/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err165];
						else vErrors.push(err165);
						errors++;
					}
				}
			} else {
				const err166 = {
					instancePath: instancePath + "/addons",
					schemaPath: "#/properties/addons/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err166];
				else vErrors.push(err166);
				errors++;
			}
		}
		if (data.closure !== void 0) {
			let data59 = data.closure;
			if (data59 && typeof data59 == "object" && !Array.isArray(data59)) {
				if (data59.kind === void 0) {
					const err167 = {
						instancePath: instancePath + "/closure",
						schemaPath: "#/properties/closure/required",
						keyword: "required",
						params: { missingProperty: "kind" },
						message: "must have required property 'kind'"
					};
					if (vErrors === null) vErrors = [err167];
					else vErrors.push(err167);
					errors++;
				}
				for (const key17 in data59) if (!func2.call(schema11.properties.closure.properties, key17)) {
					const err168 = {
						instancePath: instancePath + "/closure",
						schemaPath: "#/properties/closure/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key17 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err168];
					else vErrors.push(err168);
					errors++;
				}
				if (data59.kind !== void 0) {
					let data60 = data59.kind;
					if (typeof data60 === "string") {
						if (func3(data60) > 60) {
							const err169 = {
								instancePath: instancePath + "/closure/kind",
								schemaPath: "#/properties/closure/properties/kind/maxLength",
								keyword: "maxLength",
								params: { limit: 60 },
								message: "must NOT have more than 60 characters"
							};
							if (vErrors === null) vErrors = [err169];
							else vErrors.push(err169);
							errors++;
						}
					} else {
						const err170 = {
							instancePath: instancePath + "/closure/kind",
							schemaPath: "#/properties/closure/properties/kind/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err170];
						else vErrors.push(err170);
						errors++;
					}
				}
				if (data59.sizeMm !== void 0) {
					let data61 = data59.sizeMm;
					if (!(typeof data61 == "number" && isFinite(data61))) {
						const err171 = {
							instancePath: instancePath + "/closure/sizeMm",
							schemaPath: "#/properties/closure/properties/sizeMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err171];
						else vErrors.push(err171);
						errors++;
					}
				}
				if (data59.lengthMm !== void 0) {
					let data62 = data59.lengthMm;
					if (!(typeof data62 == "number" && isFinite(data62))) {
						const err172 = {
							instancePath: instancePath + "/closure/lengthMm",
							schemaPath: "#/properties/closure/properties/lengthMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err172];
						else vErrors.push(err172);
						errors++;
					}
				}
				if (data59.attach !== void 0) {
					let data63 = data59.attach;
					if (!(data63 === "returned" || data63 === "hitched")) {
						const err173 = {
							instancePath: instancePath + "/closure/attach",
							schemaPath: "#/properties/closure/properties/attach/enum",
							keyword: "enum",
							params: { allowedValues: schema11.properties.closure.properties.attach.enum },
							message: "must be equal to one of the allowed values"
						};
						if (vErrors === null) vErrors = [err173];
						else vErrors.push(err173);
						errors++;
					}
				}
				if (data59.hole !== void 0) {
					let data64 = data59.hole;
					if (!(typeof data64 == "number" && !(data64 % 1) && !isNaN(data64) && isFinite(data64))) {
						const err174 = {
							instancePath: instancePath + "/closure/hole",
							schemaPath: "#/properties/closure/properties/hole/type",
							keyword: "type",
							params: { type: "integer" },
							message: "must be integer"
						};
						if (vErrors === null) vErrors = [err174];
						else vErrors.push(err174);
						errors++;
					}
				}
				if (data59.knot !== void 0) {
					let data65 = data59.knot;
					if (typeof data65 === "string") {
						if (func3(data65) > 60) {
							const err175 = {
								instancePath: instancePath + "/closure/knot",
								schemaPath: "#/properties/closure/properties/knot/maxLength",
								keyword: "maxLength",
								params: { limit: 60 },
								message: "must NOT have more than 60 characters"
							};
							if (vErrors === null) vErrors = [err175];
							else vErrors.push(err175);
							errors++;
						}
					} else {
						const err176 = {
							instancePath: instancePath + "/closure/knot",
							schemaPath: "#/properties/closure/properties/knot/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err176];
						else vErrors.push(err176);
						errors++;
					}
				}
				if (data59.loopShare !== void 0) {
					let data66 = data59.loopShare;
					if (!(typeof data66 == "number" && isFinite(data66))) {
						const err177 = {
							instancePath: instancePath + "/closure/loopShare",
							schemaPath: "#/properties/closure/properties/loopShare/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err177];
						else vErrors.push(err177);
						errors++;
					}
				}
				if (data59.openMm !== void 0) {
					let data67 = data59.openMm;
					if (!(typeof data67 == "number" && isFinite(data67))) {
						const err178 = {
							instancePath: instancePath + "/closure/openMm",
							schemaPath: "#/properties/closure/properties/openMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err178];
						else vErrors.push(err178);
						errors++;
					}
				}
				if (data59.gapMm !== void 0) {
					let data68 = data59.gapMm;
					if (!(typeof data68 == "number" && isFinite(data68))) {
						const err179 = {
							instancePath: instancePath + "/closure/gapMm",
							schemaPath: "#/properties/closure/properties/gapMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err179];
						else vErrors.push(err179);
						errors++;
					}
				}
				if (data59.pastMm !== void 0) {
					let data69 = data59.pastMm;
					if (!(typeof data69 == "number" && isFinite(data69))) {
						const err180 = {
							instancePath: instancePath + "/closure/pastMm",
							schemaPath: "#/properties/closure/properties/pastMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err180];
						else vErrors.push(err180);
						errors++;
					}
				}
				if (data59.rows !== void 0) {
					let data70 = data59.rows;
					if (!(typeof data70 == "number" && !(data70 % 1) && !isNaN(data70) && isFinite(data70))) {
						const err181 = {
							instancePath: instancePath + "/closure/rows",
							schemaPath: "#/properties/closure/properties/rows/type",
							keyword: "type",
							params: { type: "integer" },
							message: "must be integer"
						};
						if (vErrors === null) vErrors = [err181];
						else vErrors.push(err181);
						errors++;
					}
				}
				if (data59.cord !== void 0) {
					let data71 = data59.cord;
					if (typeof data71 === "string") {
						if (func3(data71) > 60) {
							const err182 = {
								instancePath: instancePath + "/closure/cord",
								schemaPath: "#/properties/closure/properties/cord/maxLength",
								keyword: "maxLength",
								params: { limit: 60 },
								message: "must NOT have more than 60 characters"
							};
							if (vErrors === null) vErrors = [err182];
							else vErrors.push(err182);
							errors++;
						}
					} else {
						const err183 = {
							instancePath: instancePath + "/closure/cord",
							schemaPath: "#/properties/closure/properties/cord/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err183];
						else vErrors.push(err183);
						errors++;
					}
				}
			} else {
				const err184 = {
					instancePath: instancePath + "/closure",
					schemaPath: "#/properties/closure/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err184];
				else vErrors.push(err184);
				errors++;
			}
		}
		if (data.wet !== void 0) {
			let data72 = data.wet;
			if (!(data72 === "ignore" || data72 === "add" || data72 === "pre-shrink")) {
				const err185 = {
					instancePath: instancePath + "/wet",
					schemaPath: "#/properties/wet/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.wet.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err185];
				else vErrors.push(err185);
				errors++;
			}
		}
		if (data.margin !== void 0) {
			let data73 = data.margin;
			if (!(data73 === "never-short" || data73 === "measured" || data73 === "thrifty")) {
				const err186 = {
					instancePath: instancePath + "/margin",
					schemaPath: "#/properties/margin/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.margin.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err186];
				else vErrors.push(err186);
				errors++;
			}
		}
		if (data.chance !== void 0) {
			let data74 = data.chance;
			if (typeof data74 == "number" && isFinite(data74)) {
				if (data74 > .9999 || isNaN(data74)) {
					const err187 = {
						instancePath: instancePath + "/chance",
						schemaPath: "#/properties/chance/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: .9999
						},
						message: "must be <= 0.9999"
					};
					if (vErrors === null) vErrors = [err187];
					else vErrors.push(err187);
					errors++;
				}
				if (data74 < .5 || isNaN(data74)) {
					const err188 = {
						instancePath: instancePath + "/chance",
						schemaPath: "#/properties/chance/minimum",
						keyword: "minimum",
						params: {
							comparison: ">=",
							limit: .5
						},
						message: "must be >= 0.5"
					};
					if (vErrors === null) vErrors = [err188];
					else vErrors.push(err188);
					errors++;
				}
			} else {
				const err189 = {
					instancePath: instancePath + "/chance",
					schemaPath: "#/properties/chance/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err189];
				else vErrors.push(err189);
				errors++;
			}
		}
		if (data.hands !== void 0) {
			let data75 = data.hands;
			if (!(data75 === "fingers" || data75 === "tool")) {
				const err190 = {
					instancePath: instancePath + "/hands",
					schemaPath: "#/properties/hands/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.hands.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err190];
				else vErrors.push(err190);
				errors++;
			}
		}
		if (data.tailMm !== void 0) {
			let data76 = data.tailMm;
			if (!(typeof data76 == "number" && isFinite(data76))) {
				const err191 = {
					instancePath: instancePath + "/tailMm",
					schemaPath: "#/properties/tailMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err191];
				else vErrors.push(err191);
				errors++;
			}
		}
		if (data.roundToMm !== void 0) {
			let data77 = data.roundToMm;
			if (!(typeof data77 == "number" && isFinite(data77))) {
				const err192 = {
					instancePath: instancePath + "/roundToMm",
					schemaPath: "#/properties/roundToMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err192];
				else vErrors.push(err192);
				errors++;
			}
		}
		if (data.notes !== void 0) {
			let data78 = data.notes;
			if (typeof data78 === "string") {
				if (func3(data78) > 4e3) {
					const err193 = {
						instancePath: instancePath + "/notes",
						schemaPath: "#/properties/notes/maxLength",
						keyword: "maxLength",
						params: { limit: 4e3 },
						message: "must NOT have more than 4000 characters"
					};
					if (vErrors === null) vErrors = [err193];
					else vErrors.push(err193);
					errors++;
				}
			} else {
				const err194 = {
					instancePath: instancePath + "/notes",
					schemaPath: "#/properties/notes/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err194];
				else vErrors.push(err194);
				errors++;
			}
		}
	} else {
		const err195 = {
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		};
		if (vErrors === null) vErrors = [err195];
		else vErrors.push(err195);
		errors++;
	}
	validate10.errors = vErrors;
	return errors === 0;
}
export { design_default as default, validate };
