// Generated from schemas/own-weave.schema.json by npm run gen. Do not edit.
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
// node_modules/.cache/warp-beam-gen/own-weave.mjs
const validate = validate10;
var own_weave_default = validate10;
const schema11 = {
	"$schema": "http://json-schema.org/draft-07/schema#",
	"$id": "urn:warp-beam:own-weave:1",
	"title": "OwnWeave",
	"description": "A weave of the maker's own as the browser keeps it, pulled tight. Lengths in effective cord diameters.",
	"type": "object",
	"additionalProperties": false,
	"required": [
		"id",
		"name",
		"updatedAt",
		"solved"
	],
	"properties": {
		"id": {
			"type": "string",
			"minLength": 1,
			"maxLength": 80
		},
		"name": {
			"type": "string",
			"minLength": 1,
			"maxLength": 80
		},
		"updatedAt": { "type": "number" },
		"solved": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"id",
				"kind",
				"notation",
				"key",
				"squash",
				"load",
				"h",
				"periodD",
				"rowsPerPeriod",
				"widthD",
				"thicknessD",
				"bodyD",
				"strands",
				"convergence",
				"invariant",
				"points"
			],
			"properties": {
				"id": {
					"type": "string",
					"minLength": 1,
					"maxLength": 80
				},
				"kind": { "enum": [
					"weave",
					"knot",
					"open"
				] },
				"notation": {
					"type": "string",
					"maxLength": 2e4
				},
				"key": {
					"type": "string",
					"maxLength": 200
				},
				"squash": {
					"type": "number",
					"exclusiveMinimum": 0,
					"maximum": 1
				},
				"load": {
					"type": "number",
					"minimum": 0
				},
				"h": {
					"type": "number",
					"exclusiveMinimum": 0
				},
				"periodD": {
					"type": "number",
					"minimum": 0
				},
				"rowsPerPeriod": {
					"type": "integer",
					"minimum": 0
				},
				"turn": { "type": "number" },
				"widthD": {
					"type": "number",
					"exclusiveMinimum": 0
				},
				"thicknessD": {
					"type": "number",
					"exclusiveMinimum": 0
				},
				"bodyD": {
					"type": "number",
					"minimum": 0
				},
				"girthD": {
					"type": "number",
					"minimum": 0
				},
				"strands": {
					"type": "array",
					"minItems": 1,
					"maxItems": 60,
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"name",
							"role",
							"periods",
							"radiusD",
							"lengthD"
						],
						"properties": {
							"name": {
								"type": "string",
								"minLength": 1,
								"maxLength": 60
							},
							"role": { "enum": [
								"core",
								"work",
								"spine"
							] },
							"periods": {
								"type": "integer",
								"minimum": 1,
								"maximum": 60
							},
							"radiusD": {
								"type": "number",
								"exclusiveMinimum": 0
							},
							"lengthD": {
								"type": "number",
								"exclusiveMinimum": 0
							},
							"backs": {
								"type": "array",
								"maxItems": 2e3,
								"items": {
									"type": "object",
									"additionalProperties": false,
									"required": [
										"yD",
										"arcD",
										"zD"
									],
									"properties": {
										"yD": { "type": "number" },
										"arcD": { "type": "number" },
										"zD": { "type": "number" }
									}
								}
							},
							"spanD": { "type": "number" }
						}
					}
				},
				"convergence": {
					"type": "object",
					"additionalProperties": false,
					"required": [
						"residual",
						"periodForce",
						"overlap",
						"leastEver"
					],
					"properties": {
						"residual": { "type": "number" },
						"periodForce": { "type": "number" },
						"overlap": { "type": "number" },
						"leastEver": { "type": "number" },
						"restart": { "type": "number" }
					}
				},
				"ropelength": { "type": "number" },
				"invariant": { "type": "number" },
				"points": {
					"type": "array",
					"minItems": 1,
					"maxItems": 60,
					"items": {
						"type": "array",
						"maxItems": 6e4,
						"items": { "type": "number" }
					}
				},
				"flat": {
					"type": "array",
					"minItems": 1,
					"maxItems": 60,
					"items": {
						"type": "array",
						"maxItems": 6e4,
						"items": {
							"type": "number",
							"minimum": -1,
							"maximum": 1
						}
					}
				}
			}
		}
	}
};
const func2 = require_ucs2length().default;
const func6 = Object.prototype.hasOwnProperty;
function validate10(data, { instancePath = "", parentData, parentDataProperty, rootData = data } = {}) {
	let vErrors = null;
	let errors = 0;
	if (data && typeof data == "object" && !Array.isArray(data)) {
		if (data.id === void 0) {
			const err0 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "id" },
				message: "must have required property 'id'"
			};
			if (vErrors === null) vErrors = [err0];
			else vErrors.push(err0);
			errors++;
		}
		if (data.name === void 0) {
			const err1 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "name" },
				message: "must have required property 'name'"
			};
			if (vErrors === null) vErrors = [err1];
			else vErrors.push(err1);
			errors++;
		}
		if (data.updatedAt === void 0) {
			const err2 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "updatedAt" },
				message: "must have required property 'updatedAt'"
			};
			if (vErrors === null) vErrors = [err2];
			else vErrors.push(err2);
			errors++;
		}
		if (data.solved === void 0) {
			const err3 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "solved" },
				message: "must have required property 'solved'"
			};
			if (vErrors === null) vErrors = [err3];
			else vErrors.push(err3);
			errors++;
		}
		for (const key0 in data) if (!(key0 === "id" || key0 === "name" || key0 === "updatedAt" || key0 === "solved")) {
			const err4 = {
				instancePath,
				schemaPath: "#/additionalProperties",
				keyword: "additionalProperties",
				params: { additionalProperty: key0 },
				message: "must NOT have additional properties"
			};
			if (vErrors === null) vErrors = [err4];
			else vErrors.push(err4);
			errors++;
		}
		if (data.id !== void 0) {
			let data0 = data.id;
			if (typeof data0 === "string") {
				if (func2(data0) > 80) {
					const err5 = {
						instancePath: instancePath + "/id",
						schemaPath: "#/properties/id/maxLength",
						keyword: "maxLength",
						params: { limit: 80 },
						message: "must NOT have more than 80 characters"
					};
					if (vErrors === null) vErrors = [err5];
					else vErrors.push(err5);
					errors++;
				}
				if (func2(data0) < 1) {
					const err6 = {
						instancePath: instancePath + "/id",
						schemaPath: "#/properties/id/minLength",
						keyword: "minLength",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 characters"
					};
					if (vErrors === null) vErrors = [err6];
					else vErrors.push(err6);
					errors++;
				}
			} else {
				const err7 = {
					instancePath: instancePath + "/id",
					schemaPath: "#/properties/id/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err7];
				else vErrors.push(err7);
				errors++;
			}
		}
		if (data.name !== void 0) {
			let data1 = data.name;
			if (typeof data1 === "string") {
				if (func2(data1) > 80) {
					const err8 = {
						instancePath: instancePath + "/name",
						schemaPath: "#/properties/name/maxLength",
						keyword: "maxLength",
						params: { limit: 80 },
						message: "must NOT have more than 80 characters"
					};
					if (vErrors === null) vErrors = [err8];
					else vErrors.push(err8);
					errors++;
				}
				if (func2(data1) < 1) {
					const err9 = {
						instancePath: instancePath + "/name",
						schemaPath: "#/properties/name/minLength",
						keyword: "minLength",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 characters"
					};
					if (vErrors === null) vErrors = [err9];
					else vErrors.push(err9);
					errors++;
				}
			} else {
				const err10 = {
					instancePath: instancePath + "/name",
					schemaPath: "#/properties/name/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err10];
				else vErrors.push(err10);
				errors++;
			}
		}
		if (data.updatedAt !== void 0) {
			let data2 = data.updatedAt;
			if (!(typeof data2 == "number" && isFinite(data2))) {
				const err11 = {
					instancePath: instancePath + "/updatedAt",
					schemaPath: "#/properties/updatedAt/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err11];
				else vErrors.push(err11);
				errors++;
			}
		}
		if (data.solved !== void 0) {
			let data3 = data.solved;
			if (data3 && typeof data3 == "object" && !Array.isArray(data3)) {
				if (data3.id === void 0) {
					const err12 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "id" },
						message: "must have required property 'id'"
					};
					if (vErrors === null) vErrors = [err12];
					else vErrors.push(err12);
					errors++;
				}
				if (data3.kind === void 0) {
					const err13 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "kind" },
						message: "must have required property 'kind'"
					};
					if (vErrors === null) vErrors = [err13];
					else vErrors.push(err13);
					errors++;
				}
				if (data3.notation === void 0) {
					const err14 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "notation" },
						message: "must have required property 'notation'"
					};
					if (vErrors === null) vErrors = [err14];
					else vErrors.push(err14);
					errors++;
				}
				if (data3.key === void 0) {
					const err15 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "key" },
						message: "must have required property 'key'"
					};
					if (vErrors === null) vErrors = [err15];
					else vErrors.push(err15);
					errors++;
				}
				if (data3.squash === void 0) {
					const err16 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "squash" },
						message: "must have required property 'squash'"
					};
					if (vErrors === null) vErrors = [err16];
					else vErrors.push(err16);
					errors++;
				}
				if (data3.load === void 0) {
					const err17 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "load" },
						message: "must have required property 'load'"
					};
					if (vErrors === null) vErrors = [err17];
					else vErrors.push(err17);
					errors++;
				}
				if (data3.h === void 0) {
					const err18 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "h" },
						message: "must have required property 'h'"
					};
					if (vErrors === null) vErrors = [err18];
					else vErrors.push(err18);
					errors++;
				}
				if (data3.periodD === void 0) {
					const err19 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "periodD" },
						message: "must have required property 'periodD'"
					};
					if (vErrors === null) vErrors = [err19];
					else vErrors.push(err19);
					errors++;
				}
				if (data3.rowsPerPeriod === void 0) {
					const err20 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "rowsPerPeriod" },
						message: "must have required property 'rowsPerPeriod'"
					};
					if (vErrors === null) vErrors = [err20];
					else vErrors.push(err20);
					errors++;
				}
				if (data3.widthD === void 0) {
					const err21 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "widthD" },
						message: "must have required property 'widthD'"
					};
					if (vErrors === null) vErrors = [err21];
					else vErrors.push(err21);
					errors++;
				}
				if (data3.thicknessD === void 0) {
					const err22 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "thicknessD" },
						message: "must have required property 'thicknessD'"
					};
					if (vErrors === null) vErrors = [err22];
					else vErrors.push(err22);
					errors++;
				}
				if (data3.bodyD === void 0) {
					const err23 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "bodyD" },
						message: "must have required property 'bodyD'"
					};
					if (vErrors === null) vErrors = [err23];
					else vErrors.push(err23);
					errors++;
				}
				if (data3.strands === void 0) {
					const err24 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "strands" },
						message: "must have required property 'strands'"
					};
					if (vErrors === null) vErrors = [err24];
					else vErrors.push(err24);
					errors++;
				}
				if (data3.convergence === void 0) {
					const err25 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "convergence" },
						message: "must have required property 'convergence'"
					};
					if (vErrors === null) vErrors = [err25];
					else vErrors.push(err25);
					errors++;
				}
				if (data3.invariant === void 0) {
					const err26 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "invariant" },
						message: "must have required property 'invariant'"
					};
					if (vErrors === null) vErrors = [err26];
					else vErrors.push(err26);
					errors++;
				}
				if (data3.points === void 0) {
					const err27 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/required",
						keyword: "required",
						params: { missingProperty: "points" },
						message: "must have required property 'points'"
					};
					if (vErrors === null) vErrors = [err27];
					else vErrors.push(err27);
					errors++;
				}
				for (const key1 in data3) if (!func6.call(schema11.properties.solved.properties, key1)) {
					const err28 = {
						instancePath: instancePath + "/solved",
						schemaPath: "#/properties/solved/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key1 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err28];
					else vErrors.push(err28);
					errors++;
				}
				if (data3.id !== void 0) {
					let data4 = data3.id;
					if (typeof data4 === "string") {
						if (func2(data4) > 80) {
							const err29 = {
								instancePath: instancePath + "/solved/id",
								schemaPath: "#/properties/solved/properties/id/maxLength",
								keyword: "maxLength",
								params: { limit: 80 },
								message: "must NOT have more than 80 characters"
							};
							if (vErrors === null) vErrors = [err29];
							else vErrors.push(err29);
							errors++;
						}
						if (func2(data4) < 1) {
							const err30 = {
								instancePath: instancePath + "/solved/id",
								schemaPath: "#/properties/solved/properties/id/minLength",
								keyword: "minLength",
								params: { limit: 1 },
								message: "must NOT have fewer than 1 characters"
							};
							if (vErrors === null) vErrors = [err30];
							else vErrors.push(err30);
							errors++;
						}
					} else {
						const err31 = {
							instancePath: instancePath + "/solved/id",
							schemaPath: "#/properties/solved/properties/id/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err31];
						else vErrors.push(err31);
						errors++;
					}
				}
				if (data3.kind !== void 0) {
					let data5 = data3.kind;
					if (!(data5 === "weave" || data5 === "knot" || data5 === "open")) {
						const err32 = {
							instancePath: instancePath + "/solved/kind",
							schemaPath: "#/properties/solved/properties/kind/enum",
							keyword: "enum",
							params: { allowedValues: schema11.properties.solved.properties.kind.enum },
							message: "must be equal to one of the allowed values"
						};
						if (vErrors === null) vErrors = [err32];
						else vErrors.push(err32);
						errors++;
					}
				}
				if (data3.notation !== void 0) {
					let data6 = data3.notation;
					if (typeof data6 === "string") {
						if (func2(data6) > 2e4) {
							const err33 = {
								instancePath: instancePath + "/solved/notation",
								schemaPath: "#/properties/solved/properties/notation/maxLength",
								keyword: "maxLength",
								params: { limit: 2e4 },
								message: "must NOT have more than 20000 characters"
							};
							if (vErrors === null) vErrors = [err33];
							else vErrors.push(err33);
							errors++;
						}
					} else {
						const err34 = {
							instancePath: instancePath + "/solved/notation",
							schemaPath: "#/properties/solved/properties/notation/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err34];
						else vErrors.push(err34);
						errors++;
					}
				}
				if (data3.key !== void 0) {
					let data7 = data3.key;
					if (typeof data7 === "string") {
						if (func2(data7) > 200) {
							const err35 = {
								instancePath: instancePath + "/solved/key",
								schemaPath: "#/properties/solved/properties/key/maxLength",
								keyword: "maxLength",
								params: { limit: 200 },
								message: "must NOT have more than 200 characters"
							};
							if (vErrors === null) vErrors = [err35];
							else vErrors.push(err35);
							errors++;
						}
					} else {
						const err36 = {
							instancePath: instancePath + "/solved/key",
							schemaPath: "#/properties/solved/properties/key/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err36];
						else vErrors.push(err36);
						errors++;
					}
				}
				if (data3.squash !== void 0) {
					let data8 = data3.squash;
					if (typeof data8 == "number" && isFinite(data8)) {
						if (data8 > 1 || isNaN(data8)) {
							const err37 = {
								instancePath: instancePath + "/solved/squash",
								schemaPath: "#/properties/solved/properties/squash/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 1
								},
								message: "must be <= 1"
							};
							if (vErrors === null) vErrors = [err37];
							else vErrors.push(err37);
							errors++;
						}
						if (data8 <= 0 || isNaN(data8)) {
							const err38 = {
								instancePath: instancePath + "/solved/squash",
								schemaPath: "#/properties/solved/properties/squash/exclusiveMinimum",
								keyword: "exclusiveMinimum",
								params: {
									comparison: ">",
									limit: 0
								},
								message: "must be > 0"
							};
							if (vErrors === null) vErrors = [err38];
							else vErrors.push(err38);
							errors++;
						}
					} else {
						const err39 = {
							instancePath: instancePath + "/solved/squash",
							schemaPath: "#/properties/solved/properties/squash/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err39];
						else vErrors.push(err39);
						errors++;
					}
				}
				if (data3.load !== void 0) {
					let data9 = data3.load;
					if (typeof data9 == "number" && isFinite(data9)) {
						if (data9 < 0 || isNaN(data9)) {
							const err40 = {
								instancePath: instancePath + "/solved/load",
								schemaPath: "#/properties/solved/properties/load/minimum",
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
							instancePath: instancePath + "/solved/load",
							schemaPath: "#/properties/solved/properties/load/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err41];
						else vErrors.push(err41);
						errors++;
					}
				}
				if (data3.h !== void 0) {
					let data10 = data3.h;
					if (typeof data10 == "number" && isFinite(data10)) {
						if (data10 <= 0 || isNaN(data10)) {
							const err42 = {
								instancePath: instancePath + "/solved/h",
								schemaPath: "#/properties/solved/properties/h/exclusiveMinimum",
								keyword: "exclusiveMinimum",
								params: {
									comparison: ">",
									limit: 0
								},
								message: "must be > 0"
							};
							if (vErrors === null) vErrors = [err42];
							else vErrors.push(err42);
							errors++;
						}
					} else {
						const err43 = {
							instancePath: instancePath + "/solved/h",
							schemaPath: "#/properties/solved/properties/h/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err43];
						else vErrors.push(err43);
						errors++;
					}
				}
				if (data3.periodD !== void 0) {
					let data11 = data3.periodD;
					if (typeof data11 == "number" && isFinite(data11)) {
						if (data11 < 0 || isNaN(data11)) {
							const err44 = {
								instancePath: instancePath + "/solved/periodD",
								schemaPath: "#/properties/solved/properties/periodD/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err44];
							else vErrors.push(err44);
							errors++;
						}
					} else {
						const err45 = {
							instancePath: instancePath + "/solved/periodD",
							schemaPath: "#/properties/solved/properties/periodD/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err45];
						else vErrors.push(err45);
						errors++;
					}
				}
				if (data3.rowsPerPeriod !== void 0) {
					let data12 = data3.rowsPerPeriod;
					if (!(typeof data12 == "number" && !(data12 % 1) && !isNaN(data12) && isFinite(data12))) {
						const err46 = {
							instancePath: instancePath + "/solved/rowsPerPeriod",
							schemaPath: "#/properties/solved/properties/rowsPerPeriod/type",
							keyword: "type",
							params: { type: "integer" },
							message: "must be integer"
						};
						if (vErrors === null) vErrors = [err46];
						else vErrors.push(err46);
						errors++;
					}
					if (typeof data12 == "number" && isFinite(data12)) {
						if (data12 < 0 || isNaN(data12)) {
							const err47 = {
								instancePath: instancePath + "/solved/rowsPerPeriod",
								schemaPath: "#/properties/solved/properties/rowsPerPeriod/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err47];
							else vErrors.push(err47);
							errors++;
						}
					}
				}
				if (data3.turn !== void 0) {
					let data13 = data3.turn;
					if (!(typeof data13 == "number" && isFinite(data13))) {
						const err48 = {
							instancePath: instancePath + "/solved/turn",
							schemaPath: "#/properties/solved/properties/turn/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err48];
						else vErrors.push(err48);
						errors++;
					}
				}
				if (data3.widthD !== void 0) {
					let data14 = data3.widthD;
					if (typeof data14 == "number" && isFinite(data14)) {
						if (data14 <= 0 || isNaN(data14)) {
							const err49 = {
								instancePath: instancePath + "/solved/widthD",
								schemaPath: "#/properties/solved/properties/widthD/exclusiveMinimum",
								keyword: "exclusiveMinimum",
								params: {
									comparison: ">",
									limit: 0
								},
								message: "must be > 0"
							};
							if (vErrors === null) vErrors = [err49];
							else vErrors.push(err49);
							errors++;
						}
					} else {
						const err50 = {
							instancePath: instancePath + "/solved/widthD",
							schemaPath: "#/properties/solved/properties/widthD/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err50];
						else vErrors.push(err50);
						errors++;
					}
				}
				if (data3.thicknessD !== void 0) {
					let data15 = data3.thicknessD;
					if (typeof data15 == "number" && isFinite(data15)) {
						if (data15 <= 0 || isNaN(data15)) {
							const err51 = {
								instancePath: instancePath + "/solved/thicknessD",
								schemaPath: "#/properties/solved/properties/thicknessD/exclusiveMinimum",
								keyword: "exclusiveMinimum",
								params: {
									comparison: ">",
									limit: 0
								},
								message: "must be > 0"
							};
							if (vErrors === null) vErrors = [err51];
							else vErrors.push(err51);
							errors++;
						}
					} else {
						const err52 = {
							instancePath: instancePath + "/solved/thicknessD",
							schemaPath: "#/properties/solved/properties/thicknessD/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err52];
						else vErrors.push(err52);
						errors++;
					}
				}
				if (data3.bodyD !== void 0) {
					let data16 = data3.bodyD;
					if (typeof data16 == "number" && isFinite(data16)) {
						if (data16 < 0 || isNaN(data16)) {
							const err53 = {
								instancePath: instancePath + "/solved/bodyD",
								schemaPath: "#/properties/solved/properties/bodyD/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err53];
							else vErrors.push(err53);
							errors++;
						}
					} else {
						const err54 = {
							instancePath: instancePath + "/solved/bodyD",
							schemaPath: "#/properties/solved/properties/bodyD/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err54];
						else vErrors.push(err54);
						errors++;
					}
				}
				if (data3.girthD !== void 0) {
					let data17 = data3.girthD;
					if (typeof data17 == "number" && isFinite(data17)) {
						if (data17 < 0 || isNaN(data17)) {
							const err55 = {
								instancePath: instancePath + "/solved/girthD",
								schemaPath: "#/properties/solved/properties/girthD/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err55];
							else vErrors.push(err55);
							errors++;
						}
					} else {
						const err56 = {
							instancePath: instancePath + "/solved/girthD",
							schemaPath: "#/properties/solved/properties/girthD/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err56];
						else vErrors.push(err56);
						errors++;
					}
				}
				if (data3.strands !== void 0) {
					let data18 = data3.strands;
					if (Array.isArray(data18)) {
						if (data18.length > 60) {
							const err57 = {
								instancePath: instancePath + "/solved/strands",
								schemaPath: "#/properties/solved/properties/strands/maxItems",
								keyword: "maxItems",
								params: { limit: 60 },
								message: "must NOT have more than 60 items"
							};
							if (vErrors === null) vErrors = [err57];
							else vErrors.push(err57);
							errors++;
						}
						if (data18.length < 1) {
							const err58 = {
								instancePath: instancePath + "/solved/strands",
								schemaPath: "#/properties/solved/properties/strands/minItems",
								keyword: "minItems",
								params: { limit: 1 },
								message: "must NOT have fewer than 1 items"
							};
							if (vErrors === null) vErrors = [err58];
							else vErrors.push(err58);
							errors++;
						}
						const len0 = data18.length;
						for (let i0 = 0; i0 < len0; i0++) {
							let data19 = data18[i0];
							if (data19 && typeof data19 == "object" && !Array.isArray(data19)) {
								if (data19.name === void 0) {
									const err59 = {
										instancePath: instancePath + "/solved/strands/" + i0,
										schemaPath: "#/properties/solved/properties/strands/items/required",
										keyword: "required",
										params: { missingProperty: "name" },
										message: "must have required property 'name'"
									};
									if (vErrors === null) vErrors = [err59];
									else vErrors.push(err59);
									errors++;
								}
								if (data19.role === void 0) {
									const err60 = {
										instancePath: instancePath + "/solved/strands/" + i0,
										schemaPath: "#/properties/solved/properties/strands/items/required",
										keyword: "required",
										params: { missingProperty: "role" },
										message: "must have required property 'role'"
									};
									if (vErrors === null) vErrors = [err60];
									else vErrors.push(err60);
									errors++;
								}
								if (data19.periods === void 0) {
									const err61 = {
										instancePath: instancePath + "/solved/strands/" + i0,
										schemaPath: "#/properties/solved/properties/strands/items/required",
										keyword: "required",
										params: { missingProperty: "periods" },
										message: "must have required property 'periods'"
									};
									if (vErrors === null) vErrors = [err61];
									else vErrors.push(err61);
									errors++;
								}
								if (data19.radiusD === void 0) {
									const err62 = {
										instancePath: instancePath + "/solved/strands/" + i0,
										schemaPath: "#/properties/solved/properties/strands/items/required",
										keyword: "required",
										params: { missingProperty: "radiusD" },
										message: "must have required property 'radiusD'"
									};
									if (vErrors === null) vErrors = [err62];
									else vErrors.push(err62);
									errors++;
								}
								if (data19.lengthD === void 0) {
									const err63 = {
										instancePath: instancePath + "/solved/strands/" + i0,
										schemaPath: "#/properties/solved/properties/strands/items/required",
										keyword: "required",
										params: { missingProperty: "lengthD" },
										message: "must have required property 'lengthD'"
									};
									if (vErrors === null) vErrors = [err63];
									else vErrors.push(err63);
									errors++;
								}
								for (const key2 in data19) if (!(key2 === "name" || key2 === "role" || key2 === "periods" || key2 === "radiusD" || key2 === "lengthD" || key2 === "backs" || key2 === "spanD")) {
									const err64 = {
										instancePath: instancePath + "/solved/strands/" + i0,
										schemaPath: "#/properties/solved/properties/strands/items/additionalProperties",
										keyword: "additionalProperties",
										params: { additionalProperty: key2 },
										message: "must NOT have additional properties"
									};
									if (vErrors === null) vErrors = [err64];
									else vErrors.push(err64);
									errors++;
								}
								if (data19.name !== void 0) {
									let data20 = data19.name;
									if (typeof data20 === "string") {
										if (func2(data20) > 60) {
											const err65 = {
												instancePath: instancePath + "/solved/strands/" + i0 + "/name",
												schemaPath: "#/properties/solved/properties/strands/items/properties/name/maxLength",
												keyword: "maxLength",
												params: { limit: 60 },
												message: "must NOT have more than 60 characters"
											};
											if (vErrors === null) vErrors = [err65];
											else vErrors.push(err65);
											errors++;
										}
										if (func2(data20) < 1) {
											const err66 = {
												instancePath: instancePath + "/solved/strands/" + i0 + "/name",
												schemaPath: "#/properties/solved/properties/strands/items/properties/name/minLength",
												keyword: "minLength",
												params: { limit: 1 },
												message: "must NOT have fewer than 1 characters"
											};
											if (vErrors === null) vErrors = [err66];
											else vErrors.push(err66);
											errors++;
										}
									} else {
										const err67 = {
											instancePath: instancePath + "/solved/strands/" + i0 + "/name",
											schemaPath: "#/properties/solved/properties/strands/items/properties/name/type",
											keyword: "type",
											params: { type: "string" },
											message: "must be string"
										};
										if (vErrors === null) vErrors = [err67];
										else vErrors.push(err67);
										errors++;
									}
								}
								if (data19.role !== void 0) {
									let data21 = data19.role;
									if (!(data21 === "core" || data21 === "work" || data21 === "spine")) {
										const err68 = {
											instancePath: instancePath + "/solved/strands/" + i0 + "/role",
											schemaPath: "#/properties/solved/properties/strands/items/properties/role/enum",
											keyword: "enum",
											params: { allowedValues: schema11.properties.solved.properties.strands.items.properties.role.enum },
											message: "must be equal to one of the allowed values"
										};
										if (vErrors === null) vErrors = [err68];
										else vErrors.push(err68);
										errors++;
									}
								}
								if (data19.periods !== void 0) {
									let data22 = data19.periods;
									if (!(typeof data22 == "number" && !(data22 % 1) && !isNaN(data22) && isFinite(data22))) {
										const err69 = {
											instancePath: instancePath + "/solved/strands/" + i0 + "/periods",
											schemaPath: "#/properties/solved/properties/strands/items/properties/periods/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err69];
										else vErrors.push(err69);
										errors++;
									}
									if (typeof data22 == "number" && isFinite(data22)) {
										if (data22 > 60 || isNaN(data22)) {
											const err70 = {
												instancePath: instancePath + "/solved/strands/" + i0 + "/periods",
												schemaPath: "#/properties/solved/properties/strands/items/properties/periods/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 60
												},
												message: "must be <= 60"
											};
											if (vErrors === null) vErrors = [err70];
											else vErrors.push(err70);
											errors++;
										}
										if (data22 < 1 || isNaN(data22)) {
											const err71 = {
												instancePath: instancePath + "/solved/strands/" + i0 + "/periods",
												schemaPath: "#/properties/solved/properties/strands/items/properties/periods/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 1
												},
												message: "must be >= 1"
											};
											if (vErrors === null) vErrors = [err71];
											else vErrors.push(err71);
											errors++;
										}
									}
								}
								if (data19.radiusD !== void 0) {
									let data23 = data19.radiusD;
									if (typeof data23 == "number" && isFinite(data23)) {
										if (data23 <= 0 || isNaN(data23)) {
											const err72 = {
												instancePath: instancePath + "/solved/strands/" + i0 + "/radiusD",
												schemaPath: "#/properties/solved/properties/strands/items/properties/radiusD/exclusiveMinimum",
												keyword: "exclusiveMinimum",
												params: {
													comparison: ">",
													limit: 0
												},
												message: "must be > 0"
											};
											if (vErrors === null) vErrors = [err72];
											else vErrors.push(err72);
											errors++;
										}
									} else {
										const err73 = {
											instancePath: instancePath + "/solved/strands/" + i0 + "/radiusD",
											schemaPath: "#/properties/solved/properties/strands/items/properties/radiusD/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err73];
										else vErrors.push(err73);
										errors++;
									}
								}
								if (data19.lengthD !== void 0) {
									let data24 = data19.lengthD;
									if (typeof data24 == "number" && isFinite(data24)) {
										if (data24 <= 0 || isNaN(data24)) {
											const err74 = {
												instancePath: instancePath + "/solved/strands/" + i0 + "/lengthD",
												schemaPath: "#/properties/solved/properties/strands/items/properties/lengthD/exclusiveMinimum",
												keyword: "exclusiveMinimum",
												params: {
													comparison: ">",
													limit: 0
												},
												message: "must be > 0"
											};
											if (vErrors === null) vErrors = [err74];
											else vErrors.push(err74);
											errors++;
										}
									} else {
										const err75 = {
											instancePath: instancePath + "/solved/strands/" + i0 + "/lengthD",
											schemaPath: "#/properties/solved/properties/strands/items/properties/lengthD/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err75];
										else vErrors.push(err75);
										errors++;
									}
								}
								if (data19.backs !== void 0) {
									let data25 = data19.backs;
									if (Array.isArray(data25)) {
										if (data25.length > 2e3) {
											const err76 = {
												instancePath: instancePath + "/solved/strands/" + i0 + "/backs",
												schemaPath: "#/properties/solved/properties/strands/items/properties/backs/maxItems",
												keyword: "maxItems",
												params: { limit: 2e3 },
												message: "must NOT have more than 2000 items"
											};
											if (vErrors === null) vErrors = [err76];
											else vErrors.push(err76);
											errors++;
										}
										const len1 = data25.length;
										for (let i1 = 0; i1 < len1; i1++) {
											let data26 = data25[i1];
											if (data26 && typeof data26 == "object" && !Array.isArray(data26)) {
												if (data26.yD === void 0) {
													const err77 = {
														instancePath: instancePath + "/solved/strands/" + i0 + "/backs/" + i1,
														schemaPath: "#/properties/solved/properties/strands/items/properties/backs/items/required",
														keyword: "required",
														params: { missingProperty: "yD" },
														message: "must have required property 'yD'"
													};
													if (vErrors === null) vErrors = [err77];
													else vErrors.push(err77);
													errors++;
												}
												if (data26.arcD === void 0) {
													const err78 = {
														instancePath: instancePath + "/solved/strands/" + i0 + "/backs/" + i1,
														schemaPath: "#/properties/solved/properties/strands/items/properties/backs/items/required",
														keyword: "required",
														params: { missingProperty: "arcD" },
														message: "must have required property 'arcD'"
													};
													if (vErrors === null) vErrors = [err78];
													else vErrors.push(err78);
													errors++;
												}
												if (data26.zD === void 0) {
													const err79 = {
														instancePath: instancePath + "/solved/strands/" + i0 + "/backs/" + i1,
														schemaPath: "#/properties/solved/properties/strands/items/properties/backs/items/required",
														keyword: "required",
														params: { missingProperty: "zD" },
														message: "must have required property 'zD'"
													};
													if (vErrors === null) vErrors = [err79];
													else vErrors.push(err79);
													errors++;
												}
												for (const key3 in data26) if (!(key3 === "yD" || key3 === "arcD" || key3 === "zD")) {
													const err80 = {
														instancePath: instancePath + "/solved/strands/" + i0 + "/backs/" + i1,
														schemaPath: "#/properties/solved/properties/strands/items/properties/backs/items/additionalProperties",
														keyword: "additionalProperties",
														params: { additionalProperty: key3 },
														message: "must NOT have additional properties"
													};
													if (vErrors === null) vErrors = [err80];
													else vErrors.push(err80);
													errors++;
												}
												if (data26.yD !== void 0) {
													let data27 = data26.yD;
													if (!(typeof data27 == "number" && isFinite(data27))) {
														const err81 = {
															instancePath: instancePath + "/solved/strands/" + i0 + "/backs/" + i1 + "/yD",
															schemaPath: "#/properties/solved/properties/strands/items/properties/backs/items/properties/yD/type",
															keyword: "type",
															params: { type: "number" },
															message: "must be number"
														};
														if (vErrors === null) vErrors = [err81];
														else vErrors.push(err81);
														errors++;
													}
												}
												if (data26.arcD !== void 0) {
													let data28 = data26.arcD;
													if (!(typeof data28 == "number" && isFinite(data28))) {
														const err82 = {
															instancePath: instancePath + "/solved/strands/" + i0 + "/backs/" + i1 + "/arcD",
															schemaPath: "#/properties/solved/properties/strands/items/properties/backs/items/properties/arcD/type",
															keyword: "type",
															params: { type: "number" },
															message: "must be number"
														};
														if (vErrors === null) vErrors = [err82];
														else vErrors.push(err82);
														errors++;
													}
												}
												if (data26.zD !== void 0) {
													let data29 = data26.zD;
													if (!(typeof data29 == "number" && isFinite(data29))) {
														const err83 = {
															instancePath: instancePath + "/solved/strands/" + i0 + "/backs/" + i1 + "/zD",
															schemaPath: "#/properties/solved/properties/strands/items/properties/backs/items/properties/zD/type",
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
													instancePath: instancePath + "/solved/strands/" + i0 + "/backs/" + i1,
													schemaPath: "#/properties/solved/properties/strands/items/properties/backs/items/type",
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
											instancePath: instancePath + "/solved/strands/" + i0 + "/backs",
											schemaPath: "#/properties/solved/properties/strands/items/properties/backs/type",
											keyword: "type",
											params: { type: "array" },
											message: "must be array"
										};
										if (vErrors === null) vErrors = [err85];
										else vErrors.push(err85);
										errors++;
									}
								}
								if (data19.spanD !== void 0) {
									let data30 = data19.spanD;
									if (!(typeof data30 == "number" && isFinite(data30))) {
										const err86 = {
											instancePath: instancePath + "/solved/strands/" + i0 + "/spanD",
											schemaPath: "#/properties/solved/properties/strands/items/properties/spanD/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err86];
										else vErrors.push(err86);
										errors++;
									}
								}
							} else {
								const err87 = {
									instancePath: instancePath + "/solved/strands/" + i0,
									schemaPath: "#/properties/solved/properties/strands/items/type",
									keyword: "type",
									params: { type: "object" },
									message: "must be object"
								};
								if (vErrors === null) vErrors = [err87];
								else vErrors.push(err87);
								errors++;
							}
						}
					} else {
						const err88 = {
							instancePath: instancePath + "/solved/strands",
							schemaPath: "#/properties/solved/properties/strands/type",
							keyword: "type",
							params: { type: "array" },
							message: "must be array"
						};
						if (vErrors === null) vErrors = [err88];
						else vErrors.push(err88);
						errors++;
					}
				}
				if (data3.convergence !== void 0) {
					let data31 = data3.convergence;
					if (data31 && typeof data31 == "object" && !Array.isArray(data31)) {
						if (data31.residual === void 0) {
							const err89 = {
								instancePath: instancePath + "/solved/convergence",
								schemaPath: "#/properties/solved/properties/convergence/required",
								keyword: "required",
								params: { missingProperty: "residual" },
								message: "must have required property 'residual'"
							};
							if (vErrors === null) vErrors = [err89];
							else vErrors.push(err89);
							errors++;
						}
						if (data31.periodForce === void 0) {
							const err90 = {
								instancePath: instancePath + "/solved/convergence",
								schemaPath: "#/properties/solved/properties/convergence/required",
								keyword: "required",
								params: { missingProperty: "periodForce" },
								message: "must have required property 'periodForce'"
							};
							if (vErrors === null) vErrors = [err90];
							else vErrors.push(err90);
							errors++;
						}
						if (data31.overlap === void 0) {
							const err91 = {
								instancePath: instancePath + "/solved/convergence",
								schemaPath: "#/properties/solved/properties/convergence/required",
								keyword: "required",
								params: { missingProperty: "overlap" },
								message: "must have required property 'overlap'"
							};
							if (vErrors === null) vErrors = [err91];
							else vErrors.push(err91);
							errors++;
						}
						if (data31.leastEver === void 0) {
							const err92 = {
								instancePath: instancePath + "/solved/convergence",
								schemaPath: "#/properties/solved/properties/convergence/required",
								keyword: "required",
								params: { missingProperty: "leastEver" },
								message: "must have required property 'leastEver'"
							};
							if (vErrors === null) vErrors = [err92];
							else vErrors.push(err92);
							errors++;
						}
						for (const key4 in data31) if (!(key4 === "residual" || key4 === "periodForce" || key4 === "overlap" || key4 === "leastEver" || key4 === "restart")) {
							const err93 = {
								instancePath: instancePath + "/solved/convergence",
								schemaPath: "#/properties/solved/properties/convergence/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key4 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err93];
							else vErrors.push(err93);
							errors++;
						}
						if (data31.residual !== void 0) {
							let data32 = data31.residual;
							if (!(typeof data32 == "number" && isFinite(data32))) {
								const err94 = {
									instancePath: instancePath + "/solved/convergence/residual",
									schemaPath: "#/properties/solved/properties/convergence/properties/residual/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err94];
								else vErrors.push(err94);
								errors++;
							}
						}
						if (data31.periodForce !== void 0) {
							let data33 = data31.periodForce;
							if (!(typeof data33 == "number" && isFinite(data33))) {
								const err95 = {
									instancePath: instancePath + "/solved/convergence/periodForce",
									schemaPath: "#/properties/solved/properties/convergence/properties/periodForce/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err95];
								else vErrors.push(err95);
								errors++;
							}
						}
						if (data31.overlap !== void 0) {
							let data34 = data31.overlap;
							if (!(typeof data34 == "number" && isFinite(data34))) {
								const err96 = {
									instancePath: instancePath + "/solved/convergence/overlap",
									schemaPath: "#/properties/solved/properties/convergence/properties/overlap/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err96];
								else vErrors.push(err96);
								errors++;
							}
						}
						if (data31.leastEver !== void 0) {
							let data35 = data31.leastEver;
							if (!(typeof data35 == "number" && isFinite(data35))) {
								const err97 = {
									instancePath: instancePath + "/solved/convergence/leastEver",
									schemaPath: "#/properties/solved/properties/convergence/properties/leastEver/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err97];
								else vErrors.push(err97);
								errors++;
							}
						}
						if (data31.restart !== void 0) {
							let data36 = data31.restart;
							if (!(typeof data36 == "number" && isFinite(data36))) {
								const err98 = {
									instancePath: instancePath + "/solved/convergence/restart",
									schemaPath: "#/properties/solved/properties/convergence/properties/restart/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err98];
								else vErrors.push(err98);
								errors++;
							}
						}
					} else {
						const err99 = {
							instancePath: instancePath + "/solved/convergence",
							schemaPath: "#/properties/solved/properties/convergence/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err99];
						else vErrors.push(err99);
						errors++;
					}
				}
				if (data3.ropelength !== void 0) {
					let data37 = data3.ropelength;
					if (!(typeof data37 == "number" && isFinite(data37))) {
						const err100 = {
							instancePath: instancePath + "/solved/ropelength",
							schemaPath: "#/properties/solved/properties/ropelength/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err100];
						else vErrors.push(err100);
						errors++;
					}
				}
				if (data3.invariant !== void 0) {
					let data38 = data3.invariant;
					if (!(typeof data38 == "number" && isFinite(data38))) {
						const err101 = {
							instancePath: instancePath + "/solved/invariant",
							schemaPath: "#/properties/solved/properties/invariant/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err101];
						else vErrors.push(err101);
						errors++;
					}
				}
				if (data3.points !== void 0) {
					let data39 = data3.points;
					if (Array.isArray(data39)) {
						if (data39.length > 60) {
							const err102 = {
								instancePath: instancePath + "/solved/points",
								schemaPath: "#/properties/solved/properties/points/maxItems",
								keyword: "maxItems",
								params: { limit: 60 },
								message: "must NOT have more than 60 items"
							};
							if (vErrors === null) vErrors = [err102];
							else vErrors.push(err102);
							errors++;
						}
						if (data39.length < 1) {
							const err103 = {
								instancePath: instancePath + "/solved/points",
								schemaPath: "#/properties/solved/properties/points/minItems",
								keyword: "minItems",
								params: { limit: 1 },
								message: "must NOT have fewer than 1 items"
							};
							if (vErrors === null) vErrors = [err103];
							else vErrors.push(err103);
							errors++;
						}
						const len2 = data39.length;
						for (let i2 = 0; i2 < len2; i2++) {
							let data40 = data39[i2];
							if (Array.isArray(data40)) {
								if (data40.length > 6e4) {
									const err104 = {
										instancePath: instancePath + "/solved/points/" + i2,
										schemaPath: "#/properties/solved/properties/points/items/maxItems",
										keyword: "maxItems",
										params: { limit: 6e4 },
										message: "must NOT have more than 60000 items"
									};
									if (vErrors === null) vErrors = [err104];
									else vErrors.push(err104);
									errors++;
								}
								const len3 = data40.length;
								for (let i3 = 0; i3 < len3; i3++) {
									let data41 = data40[i3];
									if (!(typeof data41 == "number" && isFinite(data41))) {
										const err105 = {
											instancePath: instancePath + "/solved/points/" + i2 + "/" + i3,
											schemaPath: "#/properties/solved/properties/points/items/items/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err105];
										else vErrors.push(err105);
										errors++;
									}
								}
							} else {
								const err106 = {
									instancePath: instancePath + "/solved/points/" + i2,
									schemaPath: "#/properties/solved/properties/points/items/type",
									keyword: "type",
									params: { type: "array" },
									message: "must be array"
								};
								if (vErrors === null) vErrors = [err106];
								else vErrors.push(err106);
								errors++;
							}
						}
					} else {
						const err107 = {
							instancePath: instancePath + "/solved/points",
							schemaPath: "#/properties/solved/properties/points/type",
							keyword: "type",
							params: { type: "array" },
							message: "must be array"
						};
						if (vErrors === null) vErrors = [err107];
						else vErrors.push(err107);
						errors++;
					}
				}
				if (data3.flat !== void 0) {
					let data42 = data3.flat;
					if (Array.isArray(data42)) {
						if (data42.length > 60) {
							const err108 = {
								instancePath: instancePath + "/solved/flat",
								schemaPath: "#/properties/solved/properties/flat/maxItems",
								keyword: "maxItems",
								params: { limit: 60 },
								message: "must NOT have more than 60 items"
							};
							if (vErrors === null) vErrors = [err108];
							else vErrors.push(err108);
							errors++;
						}
						if (data42.length < 1) {
							const err109 = {
								instancePath: instancePath + "/solved/flat",
								schemaPath: "#/properties/solved/properties/flat/minItems",
								keyword: "minItems",
								params: { limit: 1 },
								message: "must NOT have fewer than 1 items"
							};
							if (vErrors === null) vErrors = [err109];
							else vErrors.push(err109);
							errors++;
						}
						const len4 = data42.length;
						for (let i4 = 0; i4 < len4; i4++) {
							let data43 = data42[i4];
							if (Array.isArray(data43)) {
								if (data43.length > 6e4) {
									const err110 = {
										instancePath: instancePath + "/solved/flat/" + i4,
										schemaPath: "#/properties/solved/properties/flat/items/maxItems",
										keyword: "maxItems",
										params: { limit: 6e4 },
										message: "must NOT have more than 60000 items"
									};
									if (vErrors === null) vErrors = [err110];
									else vErrors.push(err110);
									errors++;
								}
								const len5 = data43.length;
								for (let i5 = 0; i5 < len5; i5++) {
									let data44 = data43[i5];
									if (typeof data44 == "number" && isFinite(data44)) {
										if (data44 > 1 || isNaN(data44)) {
											const err111 = {
												instancePath: instancePath + "/solved/flat/" + i4 + "/" + i5,
												schemaPath: "#/properties/solved/properties/flat/items/items/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 1
												},
												message: "must be <= 1"
											};
											if (vErrors === null) vErrors = [err111];
											else vErrors.push(err111);
											errors++;
										}
										if (data44 < -1 || isNaN(data44)) {
											const err112 = {
												instancePath: instancePath + "/solved/flat/" + i4 + "/" + i5,
												schemaPath: "#/properties/solved/properties/flat/items/items/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: -1
												},
												message: "must be >= -1"
											};
											if (vErrors === null) vErrors = [err112];
											else vErrors.push(err112);
											errors++;
										}
									} else {
										const err113 = {
											instancePath: instancePath + "/solved/flat/" + i4 + "/" + i5,
											schemaPath: "#/properties/solved/properties/flat/items/items/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err113];
										else vErrors.push(err113);
										errors++;
									}
								}
							} else {
								const err114 = {
									instancePath: instancePath + "/solved/flat/" + i4,
									schemaPath: "#/properties/solved/properties/flat/items/type",
									keyword: "type",
									params: { type: "array" },
									message: "must be array"
								};
								if (vErrors === null) vErrors = [err114];
								else vErrors.push(err114);
								errors++;
							}
						}
					} else {
						const err115 = {
							instancePath: instancePath + "/solved/flat",
							schemaPath: "#/properties/solved/properties/flat/type",
							keyword: "type",
							params: { type: "array" },
							message: "must be array"
						};
						if (vErrors === null) vErrors = [err115];
						else vErrors.push(err115);
						errors++;
					}
				}
			} else {
				const err116 = {
					instancePath: instancePath + "/solved",
					schemaPath: "#/properties/solved/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err116];
				else vErrors.push(err116);
				errors++;
			}
		}
	} else {
		const err117 = {
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		};
		if (vErrors === null) vErrors = [err117];
		else vErrors.push(err117);
		errors++;
	}
	validate10.errors = vErrors;
	return errors === 0;
}
export { own_weave_default as default, validate };
