// Generated from schemas/make.schema.json by npm run gen. Do not edit.
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
// node_modules/.cache/warp-beam-gen/make.mjs
const validate = validate10;
var make_default = validate10;
const schema11 = {
	"$schema": "http://json-schema.org/draft-07/schema#",
	"$id": "urn:warp-beam:make:1",
	"title": "Make",
	"description": "A finished piece as it was really made: what was planned and cut, what was left, how it fits. Times in ms, lengths in mm.",
	"type": "object",
	"additionalProperties": false,
	"required": [
		"format",
		"version",
		"id",
		"name",
		"startedAt",
		"finishedAt",
		"design",
		"planned",
		"cuts",
		"leftovers",
		"rows",
		"fit",
		"checks",
		"spent",
		"slips",
		"undoneRows"
	],
	"properties": {
		"format": { "const": "warp-beam/make" },
		"version": { "const": 1 },
		"id": {
			"type": "string",
			"minLength": 1,
			"maxLength": 80
		},
		"name": {
			"type": "string",
			"minLength": 1,
			"maxLength": 120
		},
		"startedAt": {
			"type": "number",
			"minimum": 0,
			"maximum": 0x38d7ea4c68000
		},
		"finishedAt": {
			"type": "number",
			"minimum": 0,
			"maximum": 0x38d7ea4c68000
		},
		"design": { "type": "object" },
		"planned": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"rows",
				"wovenMm",
				"closedMm"
			],
			"properties": {
				"rows": {
					"type": "integer",
					"minimum": 0,
					"maximum": 2e4
				},
				"wovenMm": {
					"type": "number",
					"minimum": 0,
					"maximum": 1e5
				},
				"closedMm": {
					"type": "number",
					"minimum": 0,
					"maximum": 1e5
				}
			}
		},
		"cuts": {
			"type": "array",
			"maxItems": 100,
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"letter",
					"cordType",
					"cutMm"
				],
				"properties": {
					"letter": {
						"type": "string",
						"minLength": 1,
						"maxLength": 12
					},
					"cordType": {
						"type": "string",
						"minLength": 1,
						"maxLength": 60
					},
					"cutMm": {
						"type": "number",
						"minimum": 0,
						"maximum": 1e6
					}
				}
			}
		},
		"leftovers": {
			"type": "array",
			"maxItems": 400,
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"letter",
					"strand",
					"lane",
					"leftMm",
					"plannedMm"
				],
				"properties": {
					"letter": {
						"type": "string",
						"minLength": 1,
						"maxLength": 12
					},
					"strand": {
						"type": "string",
						"minLength": 1,
						"maxLength": 40
					},
					"lane": {
						"type": "integer",
						"minimum": 0,
						"maximum": 40
					},
					"leftMm": {
						"type": "number",
						"minimum": 0,
						"maximum": 1e6
					},
					"plannedMm": {
						"type": "number",
						"minimum": 0,
						"maximum": 1e6
					}
				}
			}
		},
		"rows": {
			"type": "array",
			"maxItems": 8,
			"items": {
				"type": "integer",
				"minimum": 0,
				"maximum": 2e4
			}
		},
		"wovenMm": {
			"type": "number",
			"minimum": 0,
			"maximum": 1e5
		},
		"closedMm": {
			"type": "number",
			"minimum": 0,
			"maximum": 1e5
		},
		"fit": { "enum": [
			"right",
			"tight",
			"loose",
			"not tried"
		] },
		"checks": {
			"type": "array",
			"maxItems": 40,
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": ["id", "ok"],
				"properties": {
					"id": {
						"type": "string",
						"minLength": 1,
						"maxLength": 60
					},
					"ok": { "type": "boolean" }
				}
			}
		},
		"spent": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"gather",
				"cut",
				"set up",
				"tie",
				"close",
				"finish",
				"check"
			],
			"properties": {
				"gather": {
					"type": "number",
					"minimum": 0,
					"maximum": 0xe8d4a51000
				},
				"cut": {
					"type": "number",
					"minimum": 0,
					"maximum": 0xe8d4a51000
				},
				"set up": {
					"type": "number",
					"minimum": 0,
					"maximum": 0xe8d4a51000
				},
				"tie": {
					"type": "number",
					"minimum": 0,
					"maximum": 0xe8d4a51000
				},
				"close": {
					"type": "number",
					"minimum": 0,
					"maximum": 0xe8d4a51000
				},
				"finish": {
					"type": "number",
					"minimum": 0,
					"maximum": 0xe8d4a51000
				},
				"check": {
					"type": "number",
					"minimum": 0,
					"maximum": 0xe8d4a51000
				}
			}
		},
		"slips": {
			"type": "array",
			"maxItems": 2e3,
			"items": {
				"type": "object",
				"additionalProperties": false,
				"required": [
					"row",
					"band",
					"fault",
					"undone"
				],
				"properties": {
					"row": {
						"type": "integer",
						"minimum": 0,
						"maximum": 5e3
					},
					"band": {
						"type": "integer",
						"minimum": 0,
						"maximum": 3
					},
					"fault": {
						"type": "string",
						"minLength": 1,
						"maxLength": 80
					},
					"undone": {
						"type": "integer",
						"minimum": 0,
						"maximum": 5e3
					}
				}
			}
		},
		"undoneRows": {
			"type": "integer",
			"minimum": 0,
			"maximum": 1e6
		},
		"notes": {
			"type": "string",
			"minLength": 0,
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
		if (data.id === void 0) {
			const err2 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "id" },
				message: "must have required property 'id'"
			};
			if (vErrors === null) vErrors = [err2];
			else vErrors.push(err2);
			errors++;
		}
		if (data.name === void 0) {
			const err3 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "name" },
				message: "must have required property 'name'"
			};
			if (vErrors === null) vErrors = [err3];
			else vErrors.push(err3);
			errors++;
		}
		if (data.startedAt === void 0) {
			const err4 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "startedAt" },
				message: "must have required property 'startedAt'"
			};
			if (vErrors === null) vErrors = [err4];
			else vErrors.push(err4);
			errors++;
		}
		if (data.finishedAt === void 0) {
			const err5 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "finishedAt" },
				message: "must have required property 'finishedAt'"
			};
			if (vErrors === null) vErrors = [err5];
			else vErrors.push(err5);
			errors++;
		}
		if (data.design === void 0) {
			const err6 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "design" },
				message: "must have required property 'design'"
			};
			if (vErrors === null) vErrors = [err6];
			else vErrors.push(err6);
			errors++;
		}
		if (data.planned === void 0) {
			const err7 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "planned" },
				message: "must have required property 'planned'"
			};
			if (vErrors === null) vErrors = [err7];
			else vErrors.push(err7);
			errors++;
		}
		if (data.cuts === void 0) {
			const err8 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "cuts" },
				message: "must have required property 'cuts'"
			};
			if (vErrors === null) vErrors = [err8];
			else vErrors.push(err8);
			errors++;
		}
		if (data.leftovers === void 0) {
			const err9 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "leftovers" },
				message: "must have required property 'leftovers'"
			};
			if (vErrors === null) vErrors = [err9];
			else vErrors.push(err9);
			errors++;
		}
		if (data.rows === void 0) {
			const err10 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "rows" },
				message: "must have required property 'rows'"
			};
			if (vErrors === null) vErrors = [err10];
			else vErrors.push(err10);
			errors++;
		}
		if (data.fit === void 0) {
			const err11 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "fit" },
				message: "must have required property 'fit'"
			};
			if (vErrors === null) vErrors = [err11];
			else vErrors.push(err11);
			errors++;
		}
		if (data.checks === void 0) {
			const err12 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "checks" },
				message: "must have required property 'checks'"
			};
			if (vErrors === null) vErrors = [err12];
			else vErrors.push(err12);
			errors++;
		}
		if (data.spent === void 0) {
			const err13 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "spent" },
				message: "must have required property 'spent'"
			};
			if (vErrors === null) vErrors = [err13];
			else vErrors.push(err13);
			errors++;
		}
		if (data.slips === void 0) {
			const err14 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "slips" },
				message: "must have required property 'slips'"
			};
			if (vErrors === null) vErrors = [err14];
			else vErrors.push(err14);
			errors++;
		}
		if (data.undoneRows === void 0) {
			const err15 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "undoneRows" },
				message: "must have required property 'undoneRows'"
			};
			if (vErrors === null) vErrors = [err15];
			else vErrors.push(err15);
			errors++;
		}
		for (const key0 in data) if (!func2.call(schema11.properties, key0)) {
			const err16 = {
				instancePath,
				schemaPath: "#/additionalProperties",
				keyword: "additionalProperties",
				params: { additionalProperty: key0 },
				message: "must NOT have additional properties"
			};
			if (vErrors === null) vErrors = [err16];
			else vErrors.push(err16);
			errors++;
		}
		if (data.format !== void 0) {
			if ("warp-beam/make" !== data.format) {
				const err17 = {
					instancePath: instancePath + "/format",
					schemaPath: "#/properties/format/const",
					keyword: "const",
					params: { allowedValue: "warp-beam/make" },
					message: "must be equal to constant"
				};
				if (vErrors === null) vErrors = [err17];
				else vErrors.push(err17);
				errors++;
			}
		}
		if (data.version !== void 0) {
			if (1 !== data.version) {
				const err18 = {
					instancePath: instancePath + "/version",
					schemaPath: "#/properties/version/const",
					keyword: "const",
					params: { allowedValue: 1 },
					message: "must be equal to constant"
				};
				if (vErrors === null) vErrors = [err18];
				else vErrors.push(err18);
				errors++;
			}
		}
		if (data.id !== void 0) {
			let data2 = data.id;
			if (typeof data2 === "string") {
				if (func3(data2) > 80) {
					const err19 = {
						instancePath: instancePath + "/id",
						schemaPath: "#/properties/id/maxLength",
						keyword: "maxLength",
						params: { limit: 80 },
						message: "must NOT have more than 80 characters"
					};
					if (vErrors === null) vErrors = [err19];
					else vErrors.push(err19);
					errors++;
				}
				if (func3(data2) < 1) {
					const err20 = {
						instancePath: instancePath + "/id",
						schemaPath: "#/properties/id/minLength",
						keyword: "minLength",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 characters"
					};
					if (vErrors === null) vErrors = [err20];
					else vErrors.push(err20);
					errors++;
				}
			} else {
				const err21 = {
					instancePath: instancePath + "/id",
					schemaPath: "#/properties/id/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err21];
				else vErrors.push(err21);
				errors++;
			}
		}
		if (data.name !== void 0) {
			let data3 = data.name;
			if (typeof data3 === "string") {
				if (func3(data3) > 120) {
					const err22 = {
						instancePath: instancePath + "/name",
						schemaPath: "#/properties/name/maxLength",
						keyword: "maxLength",
						params: { limit: 120 },
						message: "must NOT have more than 120 characters"
					};
					if (vErrors === null) vErrors = [err22];
					else vErrors.push(err22);
					errors++;
				}
				if (func3(data3) < 1) {
					const err23 = {
						instancePath: instancePath + "/name",
						schemaPath: "#/properties/name/minLength",
						keyword: "minLength",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 characters"
					};
					if (vErrors === null) vErrors = [err23];
					else vErrors.push(err23);
					errors++;
				}
			} else {
				const err24 = {
					instancePath: instancePath + "/name",
					schemaPath: "#/properties/name/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err24];
				else vErrors.push(err24);
				errors++;
			}
		}
		if (data.startedAt !== void 0) {
			let data4 = data.startedAt;
			if (typeof data4 == "number" && isFinite(data4)) {
				if (data4 > 0x38d7ea4c68000 || isNaN(data4)) {
					const err25 = {
						instancePath: instancePath + "/startedAt",
						schemaPath: "#/properties/startedAt/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 0x38d7ea4c68000
						},
						message: "must be <= 1000000000000000"
					};
					if (vErrors === null) vErrors = [err25];
					else vErrors.push(err25);
					errors++;
				}
				if (data4 < 0 || isNaN(data4)) {
					const err26 = {
						instancePath: instancePath + "/startedAt",
						schemaPath: "#/properties/startedAt/minimum",
						keyword: "minimum",
						params: {
							comparison: ">=",
							limit: 0
						},
						message: "must be >= 0"
					};
					if (vErrors === null) vErrors = [err26];
					else vErrors.push(err26);
					errors++;
				}
			} else {
				const err27 = {
					instancePath: instancePath + "/startedAt",
					schemaPath: "#/properties/startedAt/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err27];
				else vErrors.push(err27);
				errors++;
			}
		}
		if (data.finishedAt !== void 0) {
			let data5 = data.finishedAt;
			if (typeof data5 == "number" && isFinite(data5)) {
				if (data5 > 0x38d7ea4c68000 || isNaN(data5)) {
					const err28 = {
						instancePath: instancePath + "/finishedAt",
						schemaPath: "#/properties/finishedAt/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 0x38d7ea4c68000
						},
						message: "must be <= 1000000000000000"
					};
					if (vErrors === null) vErrors = [err28];
					else vErrors.push(err28);
					errors++;
				}
				if (data5 < 0 || isNaN(data5)) {
					const err29 = {
						instancePath: instancePath + "/finishedAt",
						schemaPath: "#/properties/finishedAt/minimum",
						keyword: "minimum",
						params: {
							comparison: ">=",
							limit: 0
						},
						message: "must be >= 0"
					};
					if (vErrors === null) vErrors = [err29];
					else vErrors.push(err29);
					errors++;
				}
			} else {
				const err30 = {
					instancePath: instancePath + "/finishedAt",
					schemaPath: "#/properties/finishedAt/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err30];
				else vErrors.push(err30);
				errors++;
			}
		}
		if (data.design !== void 0) {
			let data6 = data.design;
			if (!(data6 && typeof data6 == "object" && !Array.isArray(data6))) {
				const err31 = {
					instancePath: instancePath + "/design",
					schemaPath: "#/properties/design/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err31];
				else vErrors.push(err31);
				errors++;
			}
		}
		if (data.planned !== void 0) {
			let data7 = data.planned;
			if (data7 && typeof data7 == "object" && !Array.isArray(data7)) {
				if (data7.rows === void 0) {
					const err32 = {
						instancePath: instancePath + "/planned",
						schemaPath: "#/properties/planned/required",
						keyword: "required",
						params: { missingProperty: "rows" },
						message: "must have required property 'rows'"
					};
					if (vErrors === null) vErrors = [err32];
					else vErrors.push(err32);
					errors++;
				}
				if (data7.wovenMm === void 0) {
					const err33 = {
						instancePath: instancePath + "/planned",
						schemaPath: "#/properties/planned/required",
						keyword: "required",
						params: { missingProperty: "wovenMm" },
						message: "must have required property 'wovenMm'"
					};
					if (vErrors === null) vErrors = [err33];
					else vErrors.push(err33);
					errors++;
				}
				if (data7.closedMm === void 0) {
					const err34 = {
						instancePath: instancePath + "/planned",
						schemaPath: "#/properties/planned/required",
						keyword: "required",
						params: { missingProperty: "closedMm" },
						message: "must have required property 'closedMm'"
					};
					if (vErrors === null) vErrors = [err34];
					else vErrors.push(err34);
					errors++;
				}
				for (const key1 in data7) if (!(key1 === "rows" || key1 === "wovenMm" || key1 === "closedMm")) {
					const err35 = {
						instancePath: instancePath + "/planned",
						schemaPath: "#/properties/planned/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key1 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err35];
					else vErrors.push(err35);
					errors++;
				}
				if (data7.rows !== void 0) {
					let data8 = data7.rows;
					if (!(typeof data8 == "number" && !(data8 % 1) && !isNaN(data8) && isFinite(data8))) {
						const err36 = {
							instancePath: instancePath + "/planned/rows",
							schemaPath: "#/properties/planned/properties/rows/type",
							keyword: "type",
							params: { type: "integer" },
							message: "must be integer"
						};
						if (vErrors === null) vErrors = [err36];
						else vErrors.push(err36);
						errors++;
					}
					if (typeof data8 == "number" && isFinite(data8)) {
						if (data8 > 2e4 || isNaN(data8)) {
							const err37 = {
								instancePath: instancePath + "/planned/rows",
								schemaPath: "#/properties/planned/properties/rows/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 2e4
								},
								message: "must be <= 20000"
							};
							if (vErrors === null) vErrors = [err37];
							else vErrors.push(err37);
							errors++;
						}
						if (data8 < 0 || isNaN(data8)) {
							const err38 = {
								instancePath: instancePath + "/planned/rows",
								schemaPath: "#/properties/planned/properties/rows/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err38];
							else vErrors.push(err38);
							errors++;
						}
					}
				}
				if (data7.wovenMm !== void 0) {
					let data9 = data7.wovenMm;
					if (typeof data9 == "number" && isFinite(data9)) {
						if (data9 > 1e5 || isNaN(data9)) {
							const err39 = {
								instancePath: instancePath + "/planned/wovenMm",
								schemaPath: "#/properties/planned/properties/wovenMm/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 1e5
								},
								message: "must be <= 100000"
							};
							if (vErrors === null) vErrors = [err39];
							else vErrors.push(err39);
							errors++;
						}
						if (data9 < 0 || isNaN(data9)) {
							const err40 = {
								instancePath: instancePath + "/planned/wovenMm",
								schemaPath: "#/properties/planned/properties/wovenMm/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err40];
							else vErrors.push(err40);
							errors++;
						}
					} else {
						const err41 = {
							instancePath: instancePath + "/planned/wovenMm",
							schemaPath: "#/properties/planned/properties/wovenMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err41];
						else vErrors.push(err41);
						errors++;
					}
				}
				if (data7.closedMm !== void 0) {
					let data10 = data7.closedMm;
					if (typeof data10 == "number" && isFinite(data10)) {
						if (data10 > 1e5 || isNaN(data10)) {
							const err42 = {
								instancePath: instancePath + "/planned/closedMm",
								schemaPath: "#/properties/planned/properties/closedMm/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 1e5
								},
								message: "must be <= 100000"
							};
							if (vErrors === null) vErrors = [err42];
							else vErrors.push(err42);
							errors++;
						}
						if (data10 < 0 || isNaN(data10)) {
							const err43 = {
								instancePath: instancePath + "/planned/closedMm",
								schemaPath: "#/properties/planned/properties/closedMm/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err43];
							else vErrors.push(err43);
							errors++;
						}
					} else {
						const err44 = {
							instancePath: instancePath + "/planned/closedMm",
							schemaPath: "#/properties/planned/properties/closedMm/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err44];
						else vErrors.push(err44);
						errors++;
					}
				}
			} else {
				const err45 = {
					instancePath: instancePath + "/planned",
					schemaPath: "#/properties/planned/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err45];
				else vErrors.push(err45);
				errors++;
			}
		}
		if (data.cuts !== void 0) {
			let data11 = data.cuts;
			if (Array.isArray(data11)) {
				if (data11.length > 100) {
					const err46 = {
						instancePath: instancePath + "/cuts",
						schemaPath: "#/properties/cuts/maxItems",
						keyword: "maxItems",
						params: { limit: 100 },
						message: "must NOT have more than 100 items"
					};
					if (vErrors === null) vErrors = [err46];
					else vErrors.push(err46);
					errors++;
				}
				const len0 = data11.length;
				for (let i0 = 0; i0 < len0; i0++) {
					let data12 = data11[i0];
					if (data12 && typeof data12 == "object" && !Array.isArray(data12)) {
						if (data12.letter === void 0) {
							const err47 = {
								instancePath: instancePath + "/cuts/" + i0,
								schemaPath: "#/properties/cuts/items/required",
								keyword: "required",
								params: { missingProperty: "letter" },
								message: "must have required property 'letter'"
							};
							if (vErrors === null) vErrors = [err47];
							else vErrors.push(err47);
							errors++;
						}
						if (data12.cordType === void 0) {
							const err48 = {
								instancePath: instancePath + "/cuts/" + i0,
								schemaPath: "#/properties/cuts/items/required",
								keyword: "required",
								params: { missingProperty: "cordType" },
								message: "must have required property 'cordType'"
							};
							if (vErrors === null) vErrors = [err48];
							else vErrors.push(err48);
							errors++;
						}
						if (data12.cutMm === void 0) {
							const err49 = {
								instancePath: instancePath + "/cuts/" + i0,
								schemaPath: "#/properties/cuts/items/required",
								keyword: "required",
								params: { missingProperty: "cutMm" },
								message: "must have required property 'cutMm'"
							};
							if (vErrors === null) vErrors = [err49];
							else vErrors.push(err49);
							errors++;
						}
						for (const key2 in data12) if (!(key2 === "letter" || key2 === "cordType" || key2 === "cutMm")) {
							const err50 = {
								instancePath: instancePath + "/cuts/" + i0,
								schemaPath: "#/properties/cuts/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key2 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err50];
							else vErrors.push(err50);
							errors++;
						}
						if (data12.letter !== void 0) {
							let data13 = data12.letter;
							if (typeof data13 === "string") {
								if (func3(data13) > 12) {
									const err51 = {
										instancePath: instancePath + "/cuts/" + i0 + "/letter",
										schemaPath: "#/properties/cuts/items/properties/letter/maxLength",
										keyword: "maxLength",
										params: { limit: 12 },
										message: "must NOT have more than 12 characters"
									};
									if (vErrors === null) vErrors = [err51];
									else vErrors.push(err51);
									errors++;
								}
								if (func3(data13) < 1) {
									const err52 = {
										instancePath: instancePath + "/cuts/" + i0 + "/letter",
										schemaPath: "#/properties/cuts/items/properties/letter/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err52];
									else vErrors.push(err52);
									errors++;
								}
							} else {
								const err53 = {
									instancePath: instancePath + "/cuts/" + i0 + "/letter",
									schemaPath: "#/properties/cuts/items/properties/letter/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err53];
								else vErrors.push(err53);
								errors++;
							}
						}
						if (data12.cordType !== void 0) {
							let data14 = data12.cordType;
							if (typeof data14 === "string") {
								if (func3(data14) > 60) {
									const err54 = {
										instancePath: instancePath + "/cuts/" + i0 + "/cordType",
										schemaPath: "#/properties/cuts/items/properties/cordType/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err54];
									else vErrors.push(err54);
									errors++;
								}
								if (func3(data14) < 1) {
									const err55 = {
										instancePath: instancePath + "/cuts/" + i0 + "/cordType",
										schemaPath: "#/properties/cuts/items/properties/cordType/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err55];
									else vErrors.push(err55);
									errors++;
								}
							} else {
								const err56 = {
									instancePath: instancePath + "/cuts/" + i0 + "/cordType",
									schemaPath: "#/properties/cuts/items/properties/cordType/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err56];
								else vErrors.push(err56);
								errors++;
							}
						}
						if (data12.cutMm !== void 0) {
							let data15 = data12.cutMm;
							if (typeof data15 == "number" && isFinite(data15)) {
								if (data15 > 1e6 || isNaN(data15)) {
									const err57 = {
										instancePath: instancePath + "/cuts/" + i0 + "/cutMm",
										schemaPath: "#/properties/cuts/items/properties/cutMm/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 1e6
										},
										message: "must be <= 1000000"
									};
									if (vErrors === null) vErrors = [err57];
									else vErrors.push(err57);
									errors++;
								}
								if (data15 < 0 || isNaN(data15)) {
									const err58 = {
										instancePath: instancePath + "/cuts/" + i0 + "/cutMm",
										schemaPath: "#/properties/cuts/items/properties/cutMm/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err58];
									else vErrors.push(err58);
									errors++;
								}
							} else {
								const err59 = {
									instancePath: instancePath + "/cuts/" + i0 + "/cutMm",
									schemaPath: "#/properties/cuts/items/properties/cutMm/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err59];
								else vErrors.push(err59);
								errors++;
							}
						}
					} else {
						const err60 = {
							instancePath: instancePath + "/cuts/" + i0,
							schemaPath: "#/properties/cuts/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err60];
						else vErrors.push(err60);
						errors++;
					}
				}
			} else {
				const err61 = {
					instancePath: instancePath + "/cuts",
					schemaPath: "#/properties/cuts/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err61];
				else vErrors.push(err61);
				errors++;
			}
		}
		if (data.leftovers !== void 0) {
			let data16 = data.leftovers;
			if (Array.isArray(data16)) {
				if (data16.length > 400) {
					const err62 = {
						instancePath: instancePath + "/leftovers",
						schemaPath: "#/properties/leftovers/maxItems",
						keyword: "maxItems",
						params: { limit: 400 },
						message: "must NOT have more than 400 items"
					};
					if (vErrors === null) vErrors = [err62];
					else vErrors.push(err62);
					errors++;
				}
				const len1 = data16.length;
				for (let i1 = 0; i1 < len1; i1++) {
					let data17 = data16[i1];
					if (data17 && typeof data17 == "object" && !Array.isArray(data17)) {
						if (data17.letter === void 0) {
							const err63 = {
								instancePath: instancePath + "/leftovers/" + i1,
								schemaPath: "#/properties/leftovers/items/required",
								keyword: "required",
								params: { missingProperty: "letter" },
								message: "must have required property 'letter'"
							};
							if (vErrors === null) vErrors = [err63];
							else vErrors.push(err63);
							errors++;
						}
						if (data17.strand === void 0) {
							const err64 = {
								instancePath: instancePath + "/leftovers/" + i1,
								schemaPath: "#/properties/leftovers/items/required",
								keyword: "required",
								params: { missingProperty: "strand" },
								message: "must have required property 'strand'"
							};
							if (vErrors === null) vErrors = [err64];
							else vErrors.push(err64);
							errors++;
						}
						if (data17.lane === void 0) {
							const err65 = {
								instancePath: instancePath + "/leftovers/" + i1,
								schemaPath: "#/properties/leftovers/items/required",
								keyword: "required",
								params: { missingProperty: "lane" },
								message: "must have required property 'lane'"
							};
							if (vErrors === null) vErrors = [err65];
							else vErrors.push(err65);
							errors++;
						}
						if (data17.leftMm === void 0) {
							const err66 = {
								instancePath: instancePath + "/leftovers/" + i1,
								schemaPath: "#/properties/leftovers/items/required",
								keyword: "required",
								params: { missingProperty: "leftMm" },
								message: "must have required property 'leftMm'"
							};
							if (vErrors === null) vErrors = [err66];
							else vErrors.push(err66);
							errors++;
						}
						if (data17.plannedMm === void 0) {
							const err67 = {
								instancePath: instancePath + "/leftovers/" + i1,
								schemaPath: "#/properties/leftovers/items/required",
								keyword: "required",
								params: { missingProperty: "plannedMm" },
								message: "must have required property 'plannedMm'"
							};
							if (vErrors === null) vErrors = [err67];
							else vErrors.push(err67);
							errors++;
						}
						for (const key3 in data17) if (!(key3 === "letter" || key3 === "strand" || key3 === "lane" || key3 === "leftMm" || key3 === "plannedMm")) {
							const err68 = {
								instancePath: instancePath + "/leftovers/" + i1,
								schemaPath: "#/properties/leftovers/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key3 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err68];
							else vErrors.push(err68);
							errors++;
						}
						if (data17.letter !== void 0) {
							let data18 = data17.letter;
							if (typeof data18 === "string") {
								if (func3(data18) > 12) {
									const err69 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/letter",
										schemaPath: "#/properties/leftovers/items/properties/letter/maxLength",
										keyword: "maxLength",
										params: { limit: 12 },
										message: "must NOT have more than 12 characters"
									};
									if (vErrors === null) vErrors = [err69];
									else vErrors.push(err69);
									errors++;
								}
								if (func3(data18) < 1) {
									const err70 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/letter",
										schemaPath: "#/properties/leftovers/items/properties/letter/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err70];
									else vErrors.push(err70);
									errors++;
								}
							} else {
								const err71 = {
									instancePath: instancePath + "/leftovers/" + i1 + "/letter",
									schemaPath: "#/properties/leftovers/items/properties/letter/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err71];
								else vErrors.push(err71);
								errors++;
							}
						}
						if (data17.strand !== void 0) {
							let data19 = data17.strand;
							if (typeof data19 === "string") {
								if (func3(data19) > 40) {
									const err72 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/strand",
										schemaPath: "#/properties/leftovers/items/properties/strand/maxLength",
										keyword: "maxLength",
										params: { limit: 40 },
										message: "must NOT have more than 40 characters"
									};
									if (vErrors === null) vErrors = [err72];
									else vErrors.push(err72);
									errors++;
								}
								if (func3(data19) < 1) {
									const err73 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/strand",
										schemaPath: "#/properties/leftovers/items/properties/strand/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err73];
									else vErrors.push(err73);
									errors++;
								}
							} else {
								const err74 = {
									instancePath: instancePath + "/leftovers/" + i1 + "/strand",
									schemaPath: "#/properties/leftovers/items/properties/strand/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err74];
								else vErrors.push(err74);
								errors++;
							}
						}
						if (data17.lane !== void 0) {
							let data20 = data17.lane;
							if (!(typeof data20 == "number" && !(data20 % 1) && !isNaN(data20) && isFinite(data20))) {
								const err75 = {
									instancePath: instancePath + "/leftovers/" + i1 + "/lane",
									schemaPath: "#/properties/leftovers/items/properties/lane/type",
									keyword: "type",
									params: { type: "integer" },
									message: "must be integer"
								};
								if (vErrors === null) vErrors = [err75];
								else vErrors.push(err75);
								errors++;
							}
							if (typeof data20 == "number" && isFinite(data20)) {
								if (data20 > 40 || isNaN(data20)) {
									const err76 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/lane",
										schemaPath: "#/properties/leftovers/items/properties/lane/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 40
										},
										message: "must be <= 40"
									};
									if (vErrors === null) vErrors = [err76];
									else vErrors.push(err76);
									errors++;
								}
								if (data20 < 0 || isNaN(data20)) {
									const err77 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/lane",
										schemaPath: "#/properties/leftovers/items/properties/lane/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err77];
									else vErrors.push(err77);
									errors++;
								}
							}
						}
						if (data17.leftMm !== void 0) {
							let data21 = data17.leftMm;
							if (typeof data21 == "number" && isFinite(data21)) {
								if (data21 > 1e6 || isNaN(data21)) {
									const err78 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/leftMm",
										schemaPath: "#/properties/leftovers/items/properties/leftMm/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 1e6
										},
										message: "must be <= 1000000"
									};
									if (vErrors === null) vErrors = [err78];
									else vErrors.push(err78);
									errors++;
								}
								if (data21 < 0 || isNaN(data21)) {
									const err79 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/leftMm",
										schemaPath: "#/properties/leftovers/items/properties/leftMm/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err79];
									else vErrors.push(err79);
									errors++;
								}
							} else {
								const err80 = {
									instancePath: instancePath + "/leftovers/" + i1 + "/leftMm",
									schemaPath: "#/properties/leftovers/items/properties/leftMm/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err80];
								else vErrors.push(err80);
								errors++;
							}
						}
						if (data17.plannedMm !== void 0) {
							let data22 = data17.plannedMm;
							if (typeof data22 == "number" && isFinite(data22)) {
								if (data22 > 1e6 || isNaN(data22)) {
									const err81 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/plannedMm",
										schemaPath: "#/properties/leftovers/items/properties/plannedMm/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 1e6
										},
										message: "must be <= 1000000"
									};
									if (vErrors === null) vErrors = [err81];
									else vErrors.push(err81);
									errors++;
								}
								if (data22 < 0 || isNaN(data22)) {
									const err82 = {
										instancePath: instancePath + "/leftovers/" + i1 + "/plannedMm",
										schemaPath: "#/properties/leftovers/items/properties/plannedMm/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err82];
									else vErrors.push(err82);
									errors++;
								}
							} else {
								const err83 = {
									instancePath: instancePath + "/leftovers/" + i1 + "/plannedMm",
									schemaPath: "#/properties/leftovers/items/properties/plannedMm/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err83];
								else vErrors.push(err83);
								errors++;
							}
						}
					} else {
						const err84 = {
							instancePath: instancePath + "/leftovers/" + i1,
							schemaPath: "#/properties/leftovers/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err84];
						else vErrors.push(err84);
						errors++;
					}
				}
			} else {
				const err85 = {
					instancePath: instancePath + "/leftovers",
					schemaPath: "#/properties/leftovers/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err85];
				else vErrors.push(err85);
				errors++;
			}
		}
		if (data.rows !== void 0) {
			let data23 = data.rows;
			if (Array.isArray(data23)) {
				if (data23.length > 8) {
					const err86 = {
						instancePath: instancePath + "/rows",
						schemaPath: "#/properties/rows/maxItems",
						keyword: "maxItems",
						params: { limit: 8 },
						message: "must NOT have more than 8 items"
					};
					if (vErrors === null) vErrors = [err86];
					else vErrors.push(err86);
					errors++;
				}
				const len2 = data23.length;
				for (let i2 = 0; i2 < len2; i2++) {
					let data24 = data23[i2];
					if (!(typeof data24 == "number" && !(data24 % 1) && !isNaN(data24) && isFinite(data24))) {
						const err87 = {
							instancePath: instancePath + "/rows/" + i2,
							schemaPath: "#/properties/rows/items/type",
							keyword: "type",
							params: { type: "integer" },
							message: "must be integer"
						};
						if (vErrors === null) vErrors = [err87];
						else vErrors.push(err87);
						errors++;
					}
					if (typeof data24 == "number" && isFinite(data24)) {
						if (data24 > 2e4 || isNaN(data24)) {
							const err88 = {
								instancePath: instancePath + "/rows/" + i2,
								schemaPath: "#/properties/rows/items/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 2e4
								},
								message: "must be <= 20000"
							};
							if (vErrors === null) vErrors = [err88];
							else vErrors.push(err88);
							errors++;
						}
						if (data24 < 0 || isNaN(data24)) {
							const err89 = {
								instancePath: instancePath + "/rows/" + i2,
								schemaPath: "#/properties/rows/items/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err89];
							else vErrors.push(err89);
							errors++;
						}
					}
				}
			} else {
				const err90 = {
					instancePath: instancePath + "/rows",
					schemaPath: "#/properties/rows/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err90];
				else vErrors.push(err90);
				errors++;
			}
		}
		if (data.wovenMm !== void 0) {
			let data25 = data.wovenMm;
			if (typeof data25 == "number" && isFinite(data25)) {
				if (data25 > 1e5 || isNaN(data25)) {
					const err91 = {
						instancePath: instancePath + "/wovenMm",
						schemaPath: "#/properties/wovenMm/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 1e5
						},
						message: "must be <= 100000"
					};
					if (vErrors === null) vErrors = [err91];
					else vErrors.push(err91);
					errors++;
				}
				if (data25 < 0 || isNaN(data25)) {
					const err92 = {
						instancePath: instancePath + "/wovenMm",
						schemaPath: "#/properties/wovenMm/minimum",
						keyword: "minimum",
						params: {
							comparison: ">=",
							limit: 0
						},
						message: "must be >= 0"
					};
					if (vErrors === null) vErrors = [err92];
					else vErrors.push(err92);
					errors++;
				}
			} else {
				const err93 = {
					instancePath: instancePath + "/wovenMm",
					schemaPath: "#/properties/wovenMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err93];
				else vErrors.push(err93);
				errors++;
			}
		}
		if (data.closedMm !== void 0) {
			let data26 = data.closedMm;
			if (typeof data26 == "number" && isFinite(data26)) {
				if (data26 > 1e5 || isNaN(data26)) {
					const err94 = {
						instancePath: instancePath + "/closedMm",
						schemaPath: "#/properties/closedMm/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 1e5
						},
						message: "must be <= 100000"
					};
					if (vErrors === null) vErrors = [err94];
					else vErrors.push(err94);
					errors++;
				}
				if (data26 < 0 || isNaN(data26)) {
					const err95 = {
						instancePath: instancePath + "/closedMm",
						schemaPath: "#/properties/closedMm/minimum",
						keyword: "minimum",
						params: {
							comparison: ">=",
							limit: 0
						},
						message: "must be >= 0"
					};
					if (vErrors === null) vErrors = [err95];
					else vErrors.push(err95);
					errors++;
				}
			} else {
				const err96 = {
					instancePath: instancePath + "/closedMm",
					schemaPath: "#/properties/closedMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err96];
				else vErrors.push(err96);
				errors++;
			}
		}
		if (data.fit !== void 0) {
			let data27 = data.fit;
			if (!(data27 === "right" || data27 === "tight" || data27 === "loose" || data27 === "not tried")) {
				const err97 = {
					instancePath: instancePath + "/fit",
					schemaPath: "#/properties/fit/enum",
					keyword: "enum",
					params: { allowedValues: schema11.properties.fit.enum },
					message: "must be equal to one of the allowed values"
				};
				if (vErrors === null) vErrors = [err97];
				else vErrors.push(err97);
				errors++;
			}
		}
		if (data.checks !== void 0) {
			let data28 = data.checks;
			if (Array.isArray(data28)) {
				if (data28.length > 40) {
					const err98 = {
						instancePath: instancePath + "/checks",
						schemaPath: "#/properties/checks/maxItems",
						keyword: "maxItems",
						params: { limit: 40 },
						message: "must NOT have more than 40 items"
					};
					if (vErrors === null) vErrors = [err98];
					else vErrors.push(err98);
					errors++;
				}
				const len3 = data28.length;
				for (let i3 = 0; i3 < len3; i3++) {
					let data29 = data28[i3];
					if (data29 && typeof data29 == "object" && !Array.isArray(data29)) {
						if (data29.id === void 0) {
							const err99 = {
								instancePath: instancePath + "/checks/" + i3,
								schemaPath: "#/properties/checks/items/required",
								keyword: "required",
								params: { missingProperty: "id" },
								message: "must have required property 'id'"
							};
							if (vErrors === null) vErrors = [err99];
							else vErrors.push(err99);
							errors++;
						}
						if (data29.ok === void 0) {
							const err100 = {
								instancePath: instancePath + "/checks/" + i3,
								schemaPath: "#/properties/checks/items/required",
								keyword: "required",
								params: { missingProperty: "ok" },
								message: "must have required property 'ok'"
							};
							if (vErrors === null) vErrors = [err100];
							else vErrors.push(err100);
							errors++;
						}
						for (const key4 in data29) if (!(key4 === "id" || key4 === "ok")) {
							const err101 = {
								instancePath: instancePath + "/checks/" + i3,
								schemaPath: "#/properties/checks/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key4 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err101];
							else vErrors.push(err101);
							errors++;
						}
						if (data29.id !== void 0) {
							let data30 = data29.id;
							if (typeof data30 === "string") {
								if (func3(data30) > 60) {
									const err102 = {
										instancePath: instancePath + "/checks/" + i3 + "/id",
										schemaPath: "#/properties/checks/items/properties/id/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err102];
									else vErrors.push(err102);
									errors++;
								}
								if (func3(data30) < 1) {
									const err103 = {
										instancePath: instancePath + "/checks/" + i3 + "/id",
										schemaPath: "#/properties/checks/items/properties/id/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err103];
									else vErrors.push(err103);
									errors++;
								}
							} else {
								const err104 = {
									instancePath: instancePath + "/checks/" + i3 + "/id",
									schemaPath: "#/properties/checks/items/properties/id/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err104];
								else vErrors.push(err104);
								errors++;
							}
						}
						if (data29.ok !== void 0) {
							if (typeof data29.ok !== "boolean") {
								const err105 = {
									instancePath: instancePath + "/checks/" + i3 + "/ok",
									schemaPath: "#/properties/checks/items/properties/ok/type",
									keyword: "type",
									params: { type: "boolean" },
									message: "must be boolean"
								};
								if (vErrors === null) vErrors = [err105];
								else vErrors.push(err105);
								errors++;
							}
						}
					} else {
						const err106 = {
							instancePath: instancePath + "/checks/" + i3,
							schemaPath: "#/properties/checks/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err106];
						else vErrors.push(err106);
						errors++;
					}
				}
			} else {
				const err107 = {
					instancePath: instancePath + "/checks",
					schemaPath: "#/properties/checks/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err107];
				else vErrors.push(err107);
				errors++;
			}
		}
		if (data.spent !== void 0) {
			let data32 = data.spent;
			if (data32 && typeof data32 == "object" && !Array.isArray(data32)) {
				if (data32.gather === void 0) {
					const err108 = {
						instancePath: instancePath + "/spent",
						schemaPath: "#/properties/spent/required",
						keyword: "required",
						params: { missingProperty: "gather" },
						message: "must have required property 'gather'"
					};
					if (vErrors === null) vErrors = [err108];
					else vErrors.push(err108);
					errors++;
				}
				if (data32.cut === void 0) {
					const err109 = {
						instancePath: instancePath + "/spent",
						schemaPath: "#/properties/spent/required",
						keyword: "required",
						params: { missingProperty: "cut" },
						message: "must have required property 'cut'"
					};
					if (vErrors === null) vErrors = [err109];
					else vErrors.push(err109);
					errors++;
				}
				if (data32["set up"] === void 0) {
					const err110 = {
						instancePath: instancePath + "/spent",
						schemaPath: "#/properties/spent/required",
						keyword: "required",
						params: { missingProperty: "set up" },
						message: "must have required property 'set up'"
					};
					if (vErrors === null) vErrors = [err110];
					else vErrors.push(err110);
					errors++;
				}
				if (data32.tie === void 0) {
					const err111 = {
						instancePath: instancePath + "/spent",
						schemaPath: "#/properties/spent/required",
						keyword: "required",
						params: { missingProperty: "tie" },
						message: "must have required property 'tie'"
					};
					if (vErrors === null) vErrors = [err111];
					else vErrors.push(err111);
					errors++;
				}
				if (data32.close === void 0) {
					const err112 = {
						instancePath: instancePath + "/spent",
						schemaPath: "#/properties/spent/required",
						keyword: "required",
						params: { missingProperty: "close" },
						message: "must have required property 'close'"
					};
					if (vErrors === null) vErrors = [err112];
					else vErrors.push(err112);
					errors++;
				}
				if (data32.finish === void 0) {
					const err113 = {
						instancePath: instancePath + "/spent",
						schemaPath: "#/properties/spent/required",
						keyword: "required",
						params: { missingProperty: "finish" },
						message: "must have required property 'finish'"
					};
					if (vErrors === null) vErrors = [err113];
					else vErrors.push(err113);
					errors++;
				}
				if (data32.check === void 0) {
					const err114 = {
						instancePath: instancePath + "/spent",
						schemaPath: "#/properties/spent/required",
						keyword: "required",
						params: { missingProperty: "check" },
						message: "must have required property 'check'"
					};
					if (vErrors === null) vErrors = [err114];
					else vErrors.push(err114);
					errors++;
				}
				for (const key5 in data32) if (!(key5 === "gather" || key5 === "cut" || key5 === "set up" || key5 === "tie" || key5 === "close" || key5 === "finish" || key5 === "check")) {
					const err115 = {
						instancePath: instancePath + "/spent",
						schemaPath: "#/properties/spent/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key5 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err115];
					else vErrors.push(err115);
					errors++;
				}
				if (data32.gather !== void 0) {
					let data33 = data32.gather;
					if (typeof data33 == "number" && isFinite(data33)) {
						if (data33 > 0xe8d4a51000 || isNaN(data33)) {
							const err116 = {
								instancePath: instancePath + "/spent/gather",
								schemaPath: "#/properties/spent/properties/gather/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 0xe8d4a51000
								},
								message: "must be <= 1000000000000"
							};
							if (vErrors === null) vErrors = [err116];
							else vErrors.push(err116);
							errors++;
						}
						if (data33 < 0 || isNaN(data33)) {
							const err117 = {
								instancePath: instancePath + "/spent/gather",
								schemaPath: "#/properties/spent/properties/gather/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err117];
							else vErrors.push(err117);
							errors++;
						}
					} else {
						const err118 = {
							instancePath: instancePath + "/spent/gather",
							schemaPath: "#/properties/spent/properties/gather/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err118];
						else vErrors.push(err118);
						errors++;
					}
				}
				if (data32.cut !== void 0) {
					let data34 = data32.cut;
					if (typeof data34 == "number" && isFinite(data34)) {
						if (data34 > 0xe8d4a51000 || isNaN(data34)) {
							const err119 = {
								instancePath: instancePath + "/spent/cut",
								schemaPath: "#/properties/spent/properties/cut/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 0xe8d4a51000
								},
								message: "must be <= 1000000000000"
							};
							if (vErrors === null) vErrors = [err119];
							else vErrors.push(err119);
							errors++;
						}
						if (data34 < 0 || isNaN(data34)) {
							const err120 = {
								instancePath: instancePath + "/spent/cut",
								schemaPath: "#/properties/spent/properties/cut/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err120];
							else vErrors.push(err120);
							errors++;
						}
					} else {
						const err121 = {
							instancePath: instancePath + "/spent/cut",
							schemaPath: "#/properties/spent/properties/cut/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err121];
						else vErrors.push(err121);
						errors++;
					}
				}
				if (data32["set up"] !== void 0) {
					let data35 = data32["set up"];
					if (typeof data35 == "number" && isFinite(data35)) {
						if (data35 > 0xe8d4a51000 || isNaN(data35)) {
							const err122 = {
								instancePath: instancePath + "/spent/set up",
								schemaPath: "#/properties/spent/properties/set%20up/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 0xe8d4a51000
								},
								message: "must be <= 1000000000000"
							};
							if (vErrors === null) vErrors = [err122];
							else vErrors.push(err122);
							errors++;
						}
						if (data35 < 0 || isNaN(data35)) {
							const err123 = {
								instancePath: instancePath + "/spent/set up",
								schemaPath: "#/properties/spent/properties/set%20up/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err123];
							else vErrors.push(err123);
							errors++;
						}
					} else {
						const err124 = {
							instancePath: instancePath + "/spent/set up",
							schemaPath: "#/properties/spent/properties/set%20up/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err124];
						else vErrors.push(err124);
						errors++;
					}
				}
				if (data32.tie !== void 0) {
					let data36 = data32.tie;
					if (typeof data36 == "number" && isFinite(data36)) {
						if (data36 > 0xe8d4a51000 || isNaN(data36)) {
							const err125 = {
								instancePath: instancePath + "/spent/tie",
								schemaPath: "#/properties/spent/properties/tie/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 0xe8d4a51000
								},
								message: "must be <= 1000000000000"
							};
							if (vErrors === null) vErrors = [err125];
							else vErrors.push(err125);
							errors++;
						}
						if (data36 < 0 || isNaN(data36)) {
							const err126 = {
								instancePath: instancePath + "/spent/tie",
								schemaPath: "#/properties/spent/properties/tie/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err126];
							else vErrors.push(err126);
							errors++;
						}
					} else {
						const err127 = {
							instancePath: instancePath + "/spent/tie",
							schemaPath: "#/properties/spent/properties/tie/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err127];
						else vErrors.push(err127);
						errors++;
					}
				}
				if (data32.close !== void 0) {
					let data37 = data32.close;
					if (typeof data37 == "number" && isFinite(data37)) {
						if (data37 > 0xe8d4a51000 || isNaN(data37)) {
							const err128 = {
								instancePath: instancePath + "/spent/close",
								schemaPath: "#/properties/spent/properties/close/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 0xe8d4a51000
								},
								message: "must be <= 1000000000000"
							};
							if (vErrors === null) vErrors = [err128];
							else vErrors.push(err128);
							errors++;
						}
						if (data37 < 0 || isNaN(data37)) {
							const err129 = {
								instancePath: instancePath + "/spent/close",
								schemaPath: "#/properties/spent/properties/close/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err129];
							else vErrors.push(err129);
							errors++;
						}
					} else {
						const err130 = {
							instancePath: instancePath + "/spent/close",
							schemaPath: "#/properties/spent/properties/close/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err130];
						else vErrors.push(err130);
						errors++;
					}
				}
				if (data32.finish !== void 0) {
					let data38 = data32.finish;
					if (typeof data38 == "number" && isFinite(data38)) {
						if (data38 > 0xe8d4a51000 || isNaN(data38)) {
							const err131 = {
								instancePath: instancePath + "/spent/finish",
								schemaPath: "#/properties/spent/properties/finish/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 0xe8d4a51000
								},
								message: "must be <= 1000000000000"
							};
							if (vErrors === null) vErrors = [err131];
							else vErrors.push(err131);
							errors++;
						}
						if (data38 < 0 || isNaN(data38)) {
							const err132 = {
								instancePath: instancePath + "/spent/finish",
								schemaPath: "#/properties/spent/properties/finish/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err132];
							else vErrors.push(err132);
							errors++;
						}
					} else {
						const err133 = {
							instancePath: instancePath + "/spent/finish",
							schemaPath: "#/properties/spent/properties/finish/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err133];
						else vErrors.push(err133);
						errors++;
					}
				}
				if (data32.check !== void 0) {
					let data39 = data32.check;
					if (typeof data39 == "number" && isFinite(data39)) {
						if (data39 > 0xe8d4a51000 || isNaN(data39)) {
							const err134 = {
								instancePath: instancePath + "/spent/check",
								schemaPath: "#/properties/spent/properties/check/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 0xe8d4a51000
								},
								message: "must be <= 1000000000000"
							};
							if (vErrors === null) vErrors = [err134];
							else vErrors.push(err134);
							errors++;
						}
						if (data39 < 0 || isNaN(data39)) {
							const err135 = {
								instancePath: instancePath + "/spent/check",
								schemaPath: "#/properties/spent/properties/check/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err135];
							else vErrors.push(err135);
							errors++;
						}
					} else {
						const err136 = {
							instancePath: instancePath + "/spent/check",
							schemaPath: "#/properties/spent/properties/check/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err136];
						else vErrors.push(err136);
						errors++;
					}
				}
			} else {
				const err137 = {
					instancePath: instancePath + "/spent",
					schemaPath: "#/properties/spent/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err137];
				else vErrors.push(err137);
				errors++;
			}
		}
		if (data.slips !== void 0) {
			let data40 = data.slips;
			if (Array.isArray(data40)) {
				if (data40.length > 2e3) {
					const err138 = {
						instancePath: instancePath + "/slips",
						schemaPath: "#/properties/slips/maxItems",
						keyword: "maxItems",
						params: { limit: 2e3 },
						message: "must NOT have more than 2000 items"
					};
					if (vErrors === null) vErrors = [err138];
					else vErrors.push(err138);
					errors++;
				}
				const len4 = data40.length;
				for (let i4 = 0; i4 < len4; i4++) {
					let data41 = data40[i4];
					if (data41 && typeof data41 == "object" && !Array.isArray(data41)) {
						if (data41.row === void 0) {
							const err139 = {
								instancePath: instancePath + "/slips/" + i4,
								schemaPath: "#/properties/slips/items/required",
								keyword: "required",
								params: { missingProperty: "row" },
								message: "must have required property 'row'"
							};
							if (vErrors === null) vErrors = [err139];
							else vErrors.push(err139);
							errors++;
						}
						if (data41.band === void 0) {
							const err140 = {
								instancePath: instancePath + "/slips/" + i4,
								schemaPath: "#/properties/slips/items/required",
								keyword: "required",
								params: { missingProperty: "band" },
								message: "must have required property 'band'"
							};
							if (vErrors === null) vErrors = [err140];
							else vErrors.push(err140);
							errors++;
						}
						if (data41.fault === void 0) {
							const err141 = {
								instancePath: instancePath + "/slips/" + i4,
								schemaPath: "#/properties/slips/items/required",
								keyword: "required",
								params: { missingProperty: "fault" },
								message: "must have required property 'fault'"
							};
							if (vErrors === null) vErrors = [err141];
							else vErrors.push(err141);
							errors++;
						}
						if (data41.undone === void 0) {
							const err142 = {
								instancePath: instancePath + "/slips/" + i4,
								schemaPath: "#/properties/slips/items/required",
								keyword: "required",
								params: { missingProperty: "undone" },
								message: "must have required property 'undone'"
							};
							if (vErrors === null) vErrors = [err142];
							else vErrors.push(err142);
							errors++;
						}
						for (const key6 in data41) if (!(key6 === "row" || key6 === "band" || key6 === "fault" || key6 === "undone")) {
							const err143 = {
								instancePath: instancePath + "/slips/" + i4,
								schemaPath: "#/properties/slips/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key6 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err143];
							else vErrors.push(err143);
							errors++;
						}
						if (data41.row !== void 0) {
							let data42 = data41.row;
							if (!(typeof data42 == "number" && !(data42 % 1) && !isNaN(data42) && isFinite(data42))) {
								const err144 = {
									instancePath: instancePath + "/slips/" + i4 + "/row",
									schemaPath: "#/properties/slips/items/properties/row/type",
									keyword: "type",
									params: { type: "integer" },
									message: "must be integer"
								};
								if (vErrors === null) vErrors = [err144];
								else vErrors.push(err144);
								errors++;
							}
							if (typeof data42 == "number" && isFinite(data42)) {
								if (data42 > 5e3 || isNaN(data42)) {
									const err145 = {
										instancePath: instancePath + "/slips/" + i4 + "/row",
										schemaPath: "#/properties/slips/items/properties/row/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 5e3
										},
										message: "must be <= 5000"
									};
									if (vErrors === null) vErrors = [err145];
									else vErrors.push(err145);
									errors++;
								}
								if (data42 < 0 || isNaN(data42)) {
									const err146 = {
										instancePath: instancePath + "/slips/" + i4 + "/row",
										schemaPath: "#/properties/slips/items/properties/row/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err146];
									else vErrors.push(err146);
									errors++;
								}
							}
						}
						if (data41.band !== void 0) {
							let data43 = data41.band;
							if (!(typeof data43 == "number" && !(data43 % 1) && !isNaN(data43) && isFinite(data43))) {
								const err147 = {
									instancePath: instancePath + "/slips/" + i4 + "/band",
									schemaPath: "#/properties/slips/items/properties/band/type",
									keyword: "type",
									params: { type: "integer" },
									message: "must be integer"
								};
								if (vErrors === null) vErrors = [err147];
								else vErrors.push(err147);
								errors++;
							}
							if (typeof data43 == "number" && isFinite(data43)) {
								if (data43 > 3 || isNaN(data43)) {
									const err148 = {
										instancePath: instancePath + "/slips/" + i4 + "/band",
										schemaPath: "#/properties/slips/items/properties/band/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 3
										},
										message: "must be <= 3"
									};
									if (vErrors === null) vErrors = [err148];
									else vErrors.push(err148);
									errors++;
								}
								if (data43 < 0 || isNaN(data43)) {
									const err149 = {
										instancePath: instancePath + "/slips/" + i4 + "/band",
										schemaPath: "#/properties/slips/items/properties/band/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err149];
									else vErrors.push(err149);
									errors++;
								}
							}
						}
						if (data41.fault !== void 0) {
							let data44 = data41.fault;
							if (typeof data44 === "string") {
								if (func3(data44) > 80) {
									const err150 = {
										instancePath: instancePath + "/slips/" + i4 + "/fault",
										schemaPath: "#/properties/slips/items/properties/fault/maxLength",
										keyword: "maxLength",
										params: { limit: 80 },
										message: "must NOT have more than 80 characters"
									};
									if (vErrors === null) vErrors = [err150];
									else vErrors.push(err150);
									errors++;
								}
								if (func3(data44) < 1) {
									const err151 = {
										instancePath: instancePath + "/slips/" + i4 + "/fault",
										schemaPath: "#/properties/slips/items/properties/fault/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err151];
									else vErrors.push(err151);
									errors++;
								}
							} else {
								const err152 = {
									instancePath: instancePath + "/slips/" + i4 + "/fault",
									schemaPath: "#/properties/slips/items/properties/fault/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err152];
								else vErrors.push(err152);
								errors++;
							}
						}
						if (data41.undone !== void 0) {
							let data45 = data41.undone;
							if (!(typeof data45 == "number" && !(data45 % 1) && !isNaN(data45) && isFinite(data45))) {
								const err153 = {
									instancePath: instancePath + "/slips/" + i4 + "/undone",
									schemaPath: "#/properties/slips/items/properties/undone/type",
									keyword: "type",
									params: { type: "integer" },
									message: "must be integer"
								};
								if (vErrors === null) vErrors = [err153];
								else vErrors.push(err153);
								errors++;
							}
							if (typeof data45 == "number" && isFinite(data45)) {
								if (data45 > 5e3 || isNaN(data45)) {
									const err154 = {
										instancePath: instancePath + "/slips/" + i4 + "/undone",
										schemaPath: "#/properties/slips/items/properties/undone/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 5e3
										},
										message: "must be <= 5000"
									};
									if (vErrors === null) vErrors = [err154];
									else vErrors.push(err154);
									errors++;
								}
								if (data45 < 0 || isNaN(data45)) {
									const err155 = {
										instancePath: instancePath + "/slips/" + i4 + "/undone",
										schemaPath: "#/properties/slips/items/properties/undone/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err155];
									else vErrors.push(err155);
									errors++;
								}
							}
						}
					} else {
						const err156 = {
							instancePath: instancePath + "/slips/" + i4,
							schemaPath: "#/properties/slips/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err156];
						else vErrors.push(err156);
						errors++;
					}
				}
			} else {
				const err157 = {
					instancePath: instancePath + "/slips",
					schemaPath: "#/properties/slips/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err157];
				else vErrors.push(err157);
				errors++;
			}
		}
		if (data.undoneRows !== void 0) {
			let data46 = data.undoneRows;
			if (!(typeof data46 == "number" && !(data46 % 1) && !isNaN(data46) && isFinite(data46))) {
				const err158 = {
					instancePath: instancePath + "/undoneRows",
					schemaPath: "#/properties/undoneRows/type",
					keyword: "type",
					params: { type: "integer" },
					message: "must be integer"
				};
				if (vErrors === null) vErrors = [err158];
				else vErrors.push(err158);
				errors++;
			}
			if (typeof data46 == "number" && isFinite(data46)) {
				if (data46 > 1e6 || isNaN(data46)) {
					const err159 = {
						instancePath: instancePath + "/undoneRows",
						schemaPath: "#/properties/undoneRows/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 1e6
						},
						message: "must be <= 1000000"
					};
					if (vErrors === null) vErrors = [err159];
					else vErrors.push(err159);
					errors++;
				}
				if (data46 < 0 || isNaN(data46)) {
					const err160 = {
						instancePath: instancePath + "/undoneRows",
						schemaPath: "#/properties/undoneRows/minimum",
						keyword: "minimum",
						params: {
							comparison: ">=",
							limit: 0
						},
						message: "must be >= 0"
					};
					if (vErrors === null) vErrors = [err160];
					else vErrors.push(err160);
					errors++;
				}
			}
		}
		if (data.notes !== void 0) {
			let data47 = data.notes;
			if (typeof data47 === "string") {
				if (func3(data47) > 4e3) {
					const err161 = {
						instancePath: instancePath + "/notes",
						schemaPath: "#/properties/notes/maxLength",
						keyword: "maxLength",
						params: { limit: 4e3 },
						message: "must NOT have more than 4000 characters"
					};
					if (vErrors === null) vErrors = [err161];
					else vErrors.push(err161);
					errors++;
				}
				if (func3(data47) < 0) {
					const err162 = {
						instancePath: instancePath + "/notes",
						schemaPath: "#/properties/notes/minLength",
						keyword: "minLength",
						params: { limit: 0 },
						message: "must NOT have fewer than 0 characters"
					};
					if (vErrors === null) vErrors = [err162];
					else vErrors.push(err162);
					errors++;
				}
			} else {
				const err163 = {
					instancePath: instancePath + "/notes",
					schemaPath: "#/properties/notes/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err163];
				else vErrors.push(err163);
				errors++;
			}
		}
	} else {
		const err164 = {
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		};
		if (vErrors === null) vErrors = [err164];
		else vErrors.push(err164);
		errors++;
	}
	validate10.errors = vErrors;
	return errors === 0;
}
export { make_default as default, validate };
