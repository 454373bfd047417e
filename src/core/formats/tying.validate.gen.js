// Generated from schemas/tying.schema.json by npm run gen. Do not edit.
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
// node_modules/.cache/warp-beam-gen/tying.mjs
const validate = validate10;
var tying_default = validate10;
const schema11 = {
	"$schema": "http://json-schema.org/draft-07/schema#",
	"$id": "urn:warp-beam:tying:1",
	"title": "Tying",
	"description": "A piece under the maker's hands: the design that it was begun from, and how far it has come. Times in ms, lengths in mm.",
	"type": "object",
	"additionalProperties": false,
	"required": [
		"format",
		"version",
		"startedAt",
		"design",
		"progress"
	],
	"properties": {
		"format": { "const": "warp-beam/tying" },
		"version": { "const": 1 },
		"startedAt": {
			"type": "number",
			"minimum": 0,
			"maximum": 0x38d7ea4c68000
		},
		"design": { "type": "object" },
		"progress": {
			"type": "object",
			"additionalProperties": false,
			"required": [
				"at",
				"way",
				"spent",
				"acknowledged",
				"left",
				"woven",
				"slips",
				"undoneRows"
			],
			"properties": {
				"at": {
					"type": "string",
					"minLength": 1,
					"maxLength": 60
				},
				"way": {
					"type": "object",
					"additionalProperties": false,
					"required": [
						"start",
						"hand",
						"withAdult",
						"melt",
						"dry"
					],
					"properties": {
						"start": { "enum": ["left", "right"] },
						"hand": { "enum": ["left", "right"] },
						"withAdult": { "type": "boolean" },
						"melt": { "enum": ["flat", "bead"] },
						"dry": { "enum": [
							"whip",
							"stitch",
							"glue"
						] },
						"own": {
							"type": "object",
							"additionalProperties": false,
							"required": [],
							"properties": {
								"armSpanMm": {
									"type": "number",
									"minimum": 900,
									"maximum": 2400
								},
								"elbowMm": {
									"type": "number",
									"minimum": 250,
									"maximum": 650
								},
								"handSpanMm": {
									"type": "number",
									"minimum": 100,
									"maximum": 300
								},
								"thumbMm": {
									"type": "number",
									"minimum": 10,
									"maximum": 40
								}
							}
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
				"since": {
					"type": "number",
					"minimum": 0,
					"maximum": 0x38d7ea4c68000
				},
				"acknowledged": {
					"type": "array",
					"maxItems": 50,
					"items": {
						"type": "string",
						"minLength": 1,
						"maxLength": 60
					}
				},
				"left": {
					"type": "array",
					"maxItems": 2e3,
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"rows",
							"end",
							"leftMm",
							"band",
							"pass"
						],
						"properties": {
							"rows": {
								"type": "integer",
								"minimum": 0,
								"maximum": 5e3
							},
							"end": {
								"type": "integer",
								"minimum": 0,
								"maximum": 40
							},
							"leftMm": {
								"type": "number",
								"minimum": 0,
								"maximum": 1e5
							},
							"band": {
								"type": "integer",
								"minimum": 0,
								"maximum": 3
							},
							"pass": {
								"type": "integer",
								"minimum": 0,
								"maximum": 3
							}
						}
					}
				},
				"woven": {
					"type": "array",
					"maxItems": 2e3,
					"items": {
						"type": "object",
						"additionalProperties": false,
						"required": [
							"rows",
							"wovenMm",
							"band",
							"pass"
						],
						"properties": {
							"rows": {
								"type": "integer",
								"minimum": 0,
								"maximum": 5e3
							},
							"wovenMm": {
								"type": "number",
								"minimum": 0,
								"maximum": 1e5
							},
							"band": {
								"type": "integer",
								"minimum": 0,
								"maximum": 3
							},
							"pass": {
								"type": "integer",
								"minimum": 0,
								"maximum": 3
							}
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
				"rowsOf": {
					"type": "array",
					"maxItems": 4,
					"items": {
						"type": "integer",
						"minimum": 1,
						"maximum": 5e3
					},
					"description": "Rows of each band, where the maker changed them while tying."
				}
			}
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
		if (data.startedAt === void 0) {
			const err2 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "startedAt" },
				message: "must have required property 'startedAt'"
			};
			if (vErrors === null) vErrors = [err2];
			else vErrors.push(err2);
			errors++;
		}
		if (data.design === void 0) {
			const err3 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "design" },
				message: "must have required property 'design'"
			};
			if (vErrors === null) vErrors = [err3];
			else vErrors.push(err3);
			errors++;
		}
		if (data.progress === void 0) {
			const err4 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "progress" },
				message: "must have required property 'progress'"
			};
			if (vErrors === null) vErrors = [err4];
			else vErrors.push(err4);
			errors++;
		}
		for (const key0 in data) if (!(key0 === "format" || key0 === "version" || key0 === "startedAt" || key0 === "design" || key0 === "progress")) {
			const err5 = {
				instancePath,
				schemaPath: "#/additionalProperties",
				keyword: "additionalProperties",
				params: { additionalProperty: key0 },
				message: "must NOT have additional properties"
			};
			if (vErrors === null) vErrors = [err5];
			else vErrors.push(err5);
			errors++;
		}
		if (data.format !== void 0) {
			if ("warp-beam/tying" !== data.format) {
				const err6 = {
					instancePath: instancePath + "/format",
					schemaPath: "#/properties/format/const",
					keyword: "const",
					params: { allowedValue: "warp-beam/tying" },
					message: "must be equal to constant"
				};
				if (vErrors === null) vErrors = [err6];
				else vErrors.push(err6);
				errors++;
			}
		}
		if (data.version !== void 0) {
			if (1 !== data.version) {
				const err7 = {
					instancePath: instancePath + "/version",
					schemaPath: "#/properties/version/const",
					keyword: "const",
					params: { allowedValue: 1 },
					message: "must be equal to constant"
				};
				if (vErrors === null) vErrors = [err7];
				else vErrors.push(err7);
				errors++;
			}
		}
		if (data.startedAt !== void 0) {
			let data2 = data.startedAt;
			if (typeof data2 == "number" && isFinite(data2)) {
				if (data2 > 0x38d7ea4c68000 || isNaN(data2)) {
					const err8 = {
						instancePath: instancePath + "/startedAt",
						schemaPath: "#/properties/startedAt/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 0x38d7ea4c68000
						},
						message: "must be <= 1000000000000000"
					};
					if (vErrors === null) vErrors = [err8];
					else vErrors.push(err8);
					errors++;
				}
				if (data2 < 0 || isNaN(data2)) {
					const err9 = {
						instancePath: instancePath + "/startedAt",
						schemaPath: "#/properties/startedAt/minimum",
						keyword: "minimum",
						params: {
							comparison: ">=",
							limit: 0
						},
						message: "must be >= 0"
					};
					if (vErrors === null) vErrors = [err9];
					else vErrors.push(err9);
					errors++;
				}
			} else {
				const err10 = {
					instancePath: instancePath + "/startedAt",
					schemaPath: "#/properties/startedAt/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err10];
				else vErrors.push(err10);
				errors++;
			}
		}
		if (data.design !== void 0) {
			let data3 = data.design;
			if (!(data3 && typeof data3 == "object" && !Array.isArray(data3))) {
				const err11 = {
					instancePath: instancePath + "/design",
					schemaPath: "#/properties/design/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err11];
				else vErrors.push(err11);
				errors++;
			}
		}
		if (data.progress !== void 0) {
			let data4 = data.progress;
			if (data4 && typeof data4 == "object" && !Array.isArray(data4)) {
				if (data4.at === void 0) {
					const err12 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/required",
						keyword: "required",
						params: { missingProperty: "at" },
						message: "must have required property 'at'"
					};
					if (vErrors === null) vErrors = [err12];
					else vErrors.push(err12);
					errors++;
				}
				if (data4.way === void 0) {
					const err13 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/required",
						keyword: "required",
						params: { missingProperty: "way" },
						message: "must have required property 'way'"
					};
					if (vErrors === null) vErrors = [err13];
					else vErrors.push(err13);
					errors++;
				}
				if (data4.spent === void 0) {
					const err14 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/required",
						keyword: "required",
						params: { missingProperty: "spent" },
						message: "must have required property 'spent'"
					};
					if (vErrors === null) vErrors = [err14];
					else vErrors.push(err14);
					errors++;
				}
				if (data4.acknowledged === void 0) {
					const err15 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/required",
						keyword: "required",
						params: { missingProperty: "acknowledged" },
						message: "must have required property 'acknowledged'"
					};
					if (vErrors === null) vErrors = [err15];
					else vErrors.push(err15);
					errors++;
				}
				if (data4.left === void 0) {
					const err16 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/required",
						keyword: "required",
						params: { missingProperty: "left" },
						message: "must have required property 'left'"
					};
					if (vErrors === null) vErrors = [err16];
					else vErrors.push(err16);
					errors++;
				}
				if (data4.woven === void 0) {
					const err17 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/required",
						keyword: "required",
						params: { missingProperty: "woven" },
						message: "must have required property 'woven'"
					};
					if (vErrors === null) vErrors = [err17];
					else vErrors.push(err17);
					errors++;
				}
				if (data4.slips === void 0) {
					const err18 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/required",
						keyword: "required",
						params: { missingProperty: "slips" },
						message: "must have required property 'slips'"
					};
					if (vErrors === null) vErrors = [err18];
					else vErrors.push(err18);
					errors++;
				}
				if (data4.undoneRows === void 0) {
					const err19 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/required",
						keyword: "required",
						params: { missingProperty: "undoneRows" },
						message: "must have required property 'undoneRows'"
					};
					if (vErrors === null) vErrors = [err19];
					else vErrors.push(err19);
					errors++;
				}
				for (const key1 in data4) if (!func2.call(schema11.properties.progress.properties, key1)) {
					const err20 = {
						instancePath: instancePath + "/progress",
						schemaPath: "#/properties/progress/additionalProperties",
						keyword: "additionalProperties",
						params: { additionalProperty: key1 },
						message: "must NOT have additional properties"
					};
					if (vErrors === null) vErrors = [err20];
					else vErrors.push(err20);
					errors++;
				}
				if (data4.at !== void 0) {
					let data5 = data4.at;
					if (typeof data5 === "string") {
						if (func3(data5) > 60) {
							const err21 = {
								instancePath: instancePath + "/progress/at",
								schemaPath: "#/properties/progress/properties/at/maxLength",
								keyword: "maxLength",
								params: { limit: 60 },
								message: "must NOT have more than 60 characters"
							};
							if (vErrors === null) vErrors = [err21];
							else vErrors.push(err21);
							errors++;
						}
						if (func3(data5) < 1) {
							const err22 = {
								instancePath: instancePath + "/progress/at",
								schemaPath: "#/properties/progress/properties/at/minLength",
								keyword: "minLength",
								params: { limit: 1 },
								message: "must NOT have fewer than 1 characters"
							};
							if (vErrors === null) vErrors = [err22];
							else vErrors.push(err22);
							errors++;
						}
					} else {
						const err23 = {
							instancePath: instancePath + "/progress/at",
							schemaPath: "#/properties/progress/properties/at/type",
							keyword: "type",
							params: { type: "string" },
							message: "must be string"
						};
						if (vErrors === null) vErrors = [err23];
						else vErrors.push(err23);
						errors++;
					}
				}
				if (data4.way !== void 0) {
					let data6 = data4.way;
					if (data6 && typeof data6 == "object" && !Array.isArray(data6)) {
						if (data6.start === void 0) {
							const err24 = {
								instancePath: instancePath + "/progress/way",
								schemaPath: "#/properties/progress/properties/way/required",
								keyword: "required",
								params: { missingProperty: "start" },
								message: "must have required property 'start'"
							};
							if (vErrors === null) vErrors = [err24];
							else vErrors.push(err24);
							errors++;
						}
						if (data6.hand === void 0) {
							const err25 = {
								instancePath: instancePath + "/progress/way",
								schemaPath: "#/properties/progress/properties/way/required",
								keyword: "required",
								params: { missingProperty: "hand" },
								message: "must have required property 'hand'"
							};
							if (vErrors === null) vErrors = [err25];
							else vErrors.push(err25);
							errors++;
						}
						if (data6.withAdult === void 0) {
							const err26 = {
								instancePath: instancePath + "/progress/way",
								schemaPath: "#/properties/progress/properties/way/required",
								keyword: "required",
								params: { missingProperty: "withAdult" },
								message: "must have required property 'withAdult'"
							};
							if (vErrors === null) vErrors = [err26];
							else vErrors.push(err26);
							errors++;
						}
						if (data6.melt === void 0) {
							const err27 = {
								instancePath: instancePath + "/progress/way",
								schemaPath: "#/properties/progress/properties/way/required",
								keyword: "required",
								params: { missingProperty: "melt" },
								message: "must have required property 'melt'"
							};
							if (vErrors === null) vErrors = [err27];
							else vErrors.push(err27);
							errors++;
						}
						if (data6.dry === void 0) {
							const err28 = {
								instancePath: instancePath + "/progress/way",
								schemaPath: "#/properties/progress/properties/way/required",
								keyword: "required",
								params: { missingProperty: "dry" },
								message: "must have required property 'dry'"
							};
							if (vErrors === null) vErrors = [err28];
							else vErrors.push(err28);
							errors++;
						}
						for (const key2 in data6) if (!(key2 === "start" || key2 === "hand" || key2 === "withAdult" || key2 === "melt" || key2 === "dry" || key2 === "own")) {
							const err29 = {
								instancePath: instancePath + "/progress/way",
								schemaPath: "#/properties/progress/properties/way/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key2 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err29];
							else vErrors.push(err29);
							errors++;
						}
						if (data6.start !== void 0) {
							let data7 = data6.start;
							if (!(data7 === "left" || data7 === "right")) {
								const err30 = {
									instancePath: instancePath + "/progress/way/start",
									schemaPath: "#/properties/progress/properties/way/properties/start/enum",
									keyword: "enum",
									params: { allowedValues: schema11.properties.progress.properties.way.properties.start.enum },
									message: "must be equal to one of the allowed values"
								};
								if (vErrors === null) vErrors = [err30];
								else vErrors.push(err30);
								errors++;
							}
						}
						if (data6.hand !== void 0) {
							let data8 = data6.hand;
							if (!(data8 === "left" || data8 === "right")) {
								const err31 = {
									instancePath: instancePath + "/progress/way/hand",
									schemaPath: "#/properties/progress/properties/way/properties/hand/enum",
									keyword: "enum",
									params: { allowedValues: schema11.properties.progress.properties.way.properties.hand.enum },
									message: "must be equal to one of the allowed values"
								};
								if (vErrors === null) vErrors = [err31];
								else vErrors.push(err31);
								errors++;
							}
						}
						if (data6.withAdult !== void 0) {
							if (typeof data6.withAdult !== "boolean") {
								const err32 = {
									instancePath: instancePath + "/progress/way/withAdult",
									schemaPath: "#/properties/progress/properties/way/properties/withAdult/type",
									keyword: "type",
									params: { type: "boolean" },
									message: "must be boolean"
								};
								if (vErrors === null) vErrors = [err32];
								else vErrors.push(err32);
								errors++;
							}
						}
						if (data6.melt !== void 0) {
							let data10 = data6.melt;
							if (!(data10 === "flat" || data10 === "bead")) {
								const err33 = {
									instancePath: instancePath + "/progress/way/melt",
									schemaPath: "#/properties/progress/properties/way/properties/melt/enum",
									keyword: "enum",
									params: { allowedValues: schema11.properties.progress.properties.way.properties.melt.enum },
									message: "must be equal to one of the allowed values"
								};
								if (vErrors === null) vErrors = [err33];
								else vErrors.push(err33);
								errors++;
							}
						}
						if (data6.dry !== void 0) {
							let data11 = data6.dry;
							if (!(data11 === "whip" || data11 === "stitch" || data11 === "glue")) {
								const err34 = {
									instancePath: instancePath + "/progress/way/dry",
									schemaPath: "#/properties/progress/properties/way/properties/dry/enum",
									keyword: "enum",
									params: { allowedValues: schema11.properties.progress.properties.way.properties.dry.enum },
									message: "must be equal to one of the allowed values"
								};
								if (vErrors === null) vErrors = [err34];
								else vErrors.push(err34);
								errors++;
							}
						}
						if (data6.own !== void 0) {
							let data12 = data6.own;
							if (data12 && typeof data12 == "object" && !Array.isArray(data12)) {
								for (const key3 in data12) if (!(key3 === "armSpanMm" || key3 === "elbowMm" || key3 === "handSpanMm" || key3 === "thumbMm")) {
									const err35 = {
										instancePath: instancePath + "/progress/way/own",
										schemaPath: "#/properties/progress/properties/way/properties/own/additionalProperties",
										keyword: "additionalProperties",
										params: { additionalProperty: key3 },
										message: "must NOT have additional properties"
									};
									if (vErrors === null) vErrors = [err35];
									else vErrors.push(err35);
									errors++;
								}
								if (data12.armSpanMm !== void 0) {
									let data13 = data12.armSpanMm;
									if (typeof data13 == "number" && isFinite(data13)) {
										if (data13 > 2400 || isNaN(data13)) {
											const err36 = {
												instancePath: instancePath + "/progress/way/own/armSpanMm",
												schemaPath: "#/properties/progress/properties/way/properties/own/properties/armSpanMm/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 2400
												},
												message: "must be <= 2400"
											};
											if (vErrors === null) vErrors = [err36];
											else vErrors.push(err36);
											errors++;
										}
										if (data13 < 900 || isNaN(data13)) {
											const err37 = {
												instancePath: instancePath + "/progress/way/own/armSpanMm",
												schemaPath: "#/properties/progress/properties/way/properties/own/properties/armSpanMm/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 900
												},
												message: "must be >= 900"
											};
											if (vErrors === null) vErrors = [err37];
											else vErrors.push(err37);
											errors++;
										}
									} else {
										const err38 = {
											instancePath: instancePath + "/progress/way/own/armSpanMm",
											schemaPath: "#/properties/progress/properties/way/properties/own/properties/armSpanMm/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err38];
										else vErrors.push(err38);
										errors++;
									}
								}
								if (data12.elbowMm !== void 0) {
									let data14 = data12.elbowMm;
									if (typeof data14 == "number" && isFinite(data14)) {
										if (data14 > 650 || isNaN(data14)) {
											const err39 = {
												instancePath: instancePath + "/progress/way/own/elbowMm",
												schemaPath: "#/properties/progress/properties/way/properties/own/properties/elbowMm/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 650
												},
												message: "must be <= 650"
											};
											if (vErrors === null) vErrors = [err39];
											else vErrors.push(err39);
											errors++;
										}
										if (data14 < 250 || isNaN(data14)) {
											const err40 = {
												instancePath: instancePath + "/progress/way/own/elbowMm",
												schemaPath: "#/properties/progress/properties/way/properties/own/properties/elbowMm/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 250
												},
												message: "must be >= 250"
											};
											if (vErrors === null) vErrors = [err40];
											else vErrors.push(err40);
											errors++;
										}
									} else {
										const err41 = {
											instancePath: instancePath + "/progress/way/own/elbowMm",
											schemaPath: "#/properties/progress/properties/way/properties/own/properties/elbowMm/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err41];
										else vErrors.push(err41);
										errors++;
									}
								}
								if (data12.handSpanMm !== void 0) {
									let data15 = data12.handSpanMm;
									if (typeof data15 == "number" && isFinite(data15)) {
										if (data15 > 300 || isNaN(data15)) {
											const err42 = {
												instancePath: instancePath + "/progress/way/own/handSpanMm",
												schemaPath: "#/properties/progress/properties/way/properties/own/properties/handSpanMm/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 300
												},
												message: "must be <= 300"
											};
											if (vErrors === null) vErrors = [err42];
											else vErrors.push(err42);
											errors++;
										}
										if (data15 < 100 || isNaN(data15)) {
											const err43 = {
												instancePath: instancePath + "/progress/way/own/handSpanMm",
												schemaPath: "#/properties/progress/properties/way/properties/own/properties/handSpanMm/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 100
												},
												message: "must be >= 100"
											};
											if (vErrors === null) vErrors = [err43];
											else vErrors.push(err43);
											errors++;
										}
									} else {
										const err44 = {
											instancePath: instancePath + "/progress/way/own/handSpanMm",
											schemaPath: "#/properties/progress/properties/way/properties/own/properties/handSpanMm/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err44];
										else vErrors.push(err44);
										errors++;
									}
								}
								if (data12.thumbMm !== void 0) {
									let data16 = data12.thumbMm;
									if (typeof data16 == "number" && isFinite(data16)) {
										if (data16 > 40 || isNaN(data16)) {
											const err45 = {
												instancePath: instancePath + "/progress/way/own/thumbMm",
												schemaPath: "#/properties/progress/properties/way/properties/own/properties/thumbMm/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 40
												},
												message: "must be <= 40"
											};
											if (vErrors === null) vErrors = [err45];
											else vErrors.push(err45);
											errors++;
										}
										if (data16 < 10 || isNaN(data16)) {
											const err46 = {
												instancePath: instancePath + "/progress/way/own/thumbMm",
												schemaPath: "#/properties/progress/properties/way/properties/own/properties/thumbMm/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 10
												},
												message: "must be >= 10"
											};
											if (vErrors === null) vErrors = [err46];
											else vErrors.push(err46);
											errors++;
										}
									} else {
										const err47 = {
											instancePath: instancePath + "/progress/way/own/thumbMm",
											schemaPath: "#/properties/progress/properties/way/properties/own/properties/thumbMm/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err47];
										else vErrors.push(err47);
										errors++;
									}
								}
							} else {
								const err48 = {
									instancePath: instancePath + "/progress/way/own",
									schemaPath: "#/properties/progress/properties/way/properties/own/type",
									keyword: "type",
									params: { type: "object" },
									message: "must be object"
								};
								if (vErrors === null) vErrors = [err48];
								else vErrors.push(err48);
								errors++;
							}
						}
					} else {
						const err49 = {
							instancePath: instancePath + "/progress/way",
							schemaPath: "#/properties/progress/properties/way/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err49];
						else vErrors.push(err49);
						errors++;
					}
				}
				if (data4.spent !== void 0) {
					let data17 = data4.spent;
					if (data17 && typeof data17 == "object" && !Array.isArray(data17)) {
						if (data17.gather === void 0) {
							const err50 = {
								instancePath: instancePath + "/progress/spent",
								schemaPath: "#/properties/progress/properties/spent/required",
								keyword: "required",
								params: { missingProperty: "gather" },
								message: "must have required property 'gather'"
							};
							if (vErrors === null) vErrors = [err50];
							else vErrors.push(err50);
							errors++;
						}
						if (data17.cut === void 0) {
							const err51 = {
								instancePath: instancePath + "/progress/spent",
								schemaPath: "#/properties/progress/properties/spent/required",
								keyword: "required",
								params: { missingProperty: "cut" },
								message: "must have required property 'cut'"
							};
							if (vErrors === null) vErrors = [err51];
							else vErrors.push(err51);
							errors++;
						}
						if (data17["set up"] === void 0) {
							const err52 = {
								instancePath: instancePath + "/progress/spent",
								schemaPath: "#/properties/progress/properties/spent/required",
								keyword: "required",
								params: { missingProperty: "set up" },
								message: "must have required property 'set up'"
							};
							if (vErrors === null) vErrors = [err52];
							else vErrors.push(err52);
							errors++;
						}
						if (data17.tie === void 0) {
							const err53 = {
								instancePath: instancePath + "/progress/spent",
								schemaPath: "#/properties/progress/properties/spent/required",
								keyword: "required",
								params: { missingProperty: "tie" },
								message: "must have required property 'tie'"
							};
							if (vErrors === null) vErrors = [err53];
							else vErrors.push(err53);
							errors++;
						}
						if (data17.close === void 0) {
							const err54 = {
								instancePath: instancePath + "/progress/spent",
								schemaPath: "#/properties/progress/properties/spent/required",
								keyword: "required",
								params: { missingProperty: "close" },
								message: "must have required property 'close'"
							};
							if (vErrors === null) vErrors = [err54];
							else vErrors.push(err54);
							errors++;
						}
						if (data17.finish === void 0) {
							const err55 = {
								instancePath: instancePath + "/progress/spent",
								schemaPath: "#/properties/progress/properties/spent/required",
								keyword: "required",
								params: { missingProperty: "finish" },
								message: "must have required property 'finish'"
							};
							if (vErrors === null) vErrors = [err55];
							else vErrors.push(err55);
							errors++;
						}
						if (data17.check === void 0) {
							const err56 = {
								instancePath: instancePath + "/progress/spent",
								schemaPath: "#/properties/progress/properties/spent/required",
								keyword: "required",
								params: { missingProperty: "check" },
								message: "must have required property 'check'"
							};
							if (vErrors === null) vErrors = [err56];
							else vErrors.push(err56);
							errors++;
						}
						for (const key4 in data17) if (!(key4 === "gather" || key4 === "cut" || key4 === "set up" || key4 === "tie" || key4 === "close" || key4 === "finish" || key4 === "check")) {
							const err57 = {
								instancePath: instancePath + "/progress/spent",
								schemaPath: "#/properties/progress/properties/spent/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key4 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err57];
							else vErrors.push(err57);
							errors++;
						}
						if (data17.gather !== void 0) {
							let data18 = data17.gather;
							if (typeof data18 == "number" && isFinite(data18)) {
								if (data18 > 0xe8d4a51000 || isNaN(data18)) {
									const err58 = {
										instancePath: instancePath + "/progress/spent/gather",
										schemaPath: "#/properties/progress/properties/spent/properties/gather/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 0xe8d4a51000
										},
										message: "must be <= 1000000000000"
									};
									if (vErrors === null) vErrors = [err58];
									else vErrors.push(err58);
									errors++;
								}
								if (data18 < 0 || isNaN(data18)) {
									const err59 = {
										instancePath: instancePath + "/progress/spent/gather",
										schemaPath: "#/properties/progress/properties/spent/properties/gather/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err59];
									else vErrors.push(err59);
									errors++;
								}
							} else {
								const err60 = {
									instancePath: instancePath + "/progress/spent/gather",
									schemaPath: "#/properties/progress/properties/spent/properties/gather/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err60];
								else vErrors.push(err60);
								errors++;
							}
						}
						if (data17.cut !== void 0) {
							let data19 = data17.cut;
							if (typeof data19 == "number" && isFinite(data19)) {
								if (data19 > 0xe8d4a51000 || isNaN(data19)) {
									const err61 = {
										instancePath: instancePath + "/progress/spent/cut",
										schemaPath: "#/properties/progress/properties/spent/properties/cut/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 0xe8d4a51000
										},
										message: "must be <= 1000000000000"
									};
									if (vErrors === null) vErrors = [err61];
									else vErrors.push(err61);
									errors++;
								}
								if (data19 < 0 || isNaN(data19)) {
									const err62 = {
										instancePath: instancePath + "/progress/spent/cut",
										schemaPath: "#/properties/progress/properties/spent/properties/cut/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err62];
									else vErrors.push(err62);
									errors++;
								}
							} else {
								const err63 = {
									instancePath: instancePath + "/progress/spent/cut",
									schemaPath: "#/properties/progress/properties/spent/properties/cut/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err63];
								else vErrors.push(err63);
								errors++;
							}
						}
						if (data17["set up"] !== void 0) {
							let data20 = data17["set up"];
							if (typeof data20 == "number" && isFinite(data20)) {
								if (data20 > 0xe8d4a51000 || isNaN(data20)) {
									const err64 = {
										instancePath: instancePath + "/progress/spent/set up",
										schemaPath: "#/properties/progress/properties/spent/properties/set%20up/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 0xe8d4a51000
										},
										message: "must be <= 1000000000000"
									};
									if (vErrors === null) vErrors = [err64];
									else vErrors.push(err64);
									errors++;
								}
								if (data20 < 0 || isNaN(data20)) {
									const err65 = {
										instancePath: instancePath + "/progress/spent/set up",
										schemaPath: "#/properties/progress/properties/spent/properties/set%20up/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err65];
									else vErrors.push(err65);
									errors++;
								}
							} else {
								const err66 = {
									instancePath: instancePath + "/progress/spent/set up",
									schemaPath: "#/properties/progress/properties/spent/properties/set%20up/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err66];
								else vErrors.push(err66);
								errors++;
							}
						}
						if (data17.tie !== void 0) {
							let data21 = data17.tie;
							if (typeof data21 == "number" && isFinite(data21)) {
								if (data21 > 0xe8d4a51000 || isNaN(data21)) {
									const err67 = {
										instancePath: instancePath + "/progress/spent/tie",
										schemaPath: "#/properties/progress/properties/spent/properties/tie/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 0xe8d4a51000
										},
										message: "must be <= 1000000000000"
									};
									if (vErrors === null) vErrors = [err67];
									else vErrors.push(err67);
									errors++;
								}
								if (data21 < 0 || isNaN(data21)) {
									const err68 = {
										instancePath: instancePath + "/progress/spent/tie",
										schemaPath: "#/properties/progress/properties/spent/properties/tie/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err68];
									else vErrors.push(err68);
									errors++;
								}
							} else {
								const err69 = {
									instancePath: instancePath + "/progress/spent/tie",
									schemaPath: "#/properties/progress/properties/spent/properties/tie/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err69];
								else vErrors.push(err69);
								errors++;
							}
						}
						if (data17.close !== void 0) {
							let data22 = data17.close;
							if (typeof data22 == "number" && isFinite(data22)) {
								if (data22 > 0xe8d4a51000 || isNaN(data22)) {
									const err70 = {
										instancePath: instancePath + "/progress/spent/close",
										schemaPath: "#/properties/progress/properties/spent/properties/close/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 0xe8d4a51000
										},
										message: "must be <= 1000000000000"
									};
									if (vErrors === null) vErrors = [err70];
									else vErrors.push(err70);
									errors++;
								}
								if (data22 < 0 || isNaN(data22)) {
									const err71 = {
										instancePath: instancePath + "/progress/spent/close",
										schemaPath: "#/properties/progress/properties/spent/properties/close/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err71];
									else vErrors.push(err71);
									errors++;
								}
							} else {
								const err72 = {
									instancePath: instancePath + "/progress/spent/close",
									schemaPath: "#/properties/progress/properties/spent/properties/close/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err72];
								else vErrors.push(err72);
								errors++;
							}
						}
						if (data17.finish !== void 0) {
							let data23 = data17.finish;
							if (typeof data23 == "number" && isFinite(data23)) {
								if (data23 > 0xe8d4a51000 || isNaN(data23)) {
									const err73 = {
										instancePath: instancePath + "/progress/spent/finish",
										schemaPath: "#/properties/progress/properties/spent/properties/finish/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 0xe8d4a51000
										},
										message: "must be <= 1000000000000"
									};
									if (vErrors === null) vErrors = [err73];
									else vErrors.push(err73);
									errors++;
								}
								if (data23 < 0 || isNaN(data23)) {
									const err74 = {
										instancePath: instancePath + "/progress/spent/finish",
										schemaPath: "#/properties/progress/properties/spent/properties/finish/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 0
										},
										message: "must be >= 0"
									};
									if (vErrors === null) vErrors = [err74];
									else vErrors.push(err74);
									errors++;
								}
							} else {
								const err75 = {
									instancePath: instancePath + "/progress/spent/finish",
									schemaPath: "#/properties/progress/properties/spent/properties/finish/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err75];
								else vErrors.push(err75);
								errors++;
							}
						}
						if (data17.check !== void 0) {
							let data24 = data17.check;
							if (typeof data24 == "number" && isFinite(data24)) {
								if (data24 > 0xe8d4a51000 || isNaN(data24)) {
									const err76 = {
										instancePath: instancePath + "/progress/spent/check",
										schemaPath: "#/properties/progress/properties/spent/properties/check/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 0xe8d4a51000
										},
										message: "must be <= 1000000000000"
									};
									if (vErrors === null) vErrors = [err76];
									else vErrors.push(err76);
									errors++;
								}
								if (data24 < 0 || isNaN(data24)) {
									const err77 = {
										instancePath: instancePath + "/progress/spent/check",
										schemaPath: "#/properties/progress/properties/spent/properties/check/minimum",
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
							} else {
								const err78 = {
									instancePath: instancePath + "/progress/spent/check",
									schemaPath: "#/properties/progress/properties/spent/properties/check/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err78];
								else vErrors.push(err78);
								errors++;
							}
						}
					} else {
						const err79 = {
							instancePath: instancePath + "/progress/spent",
							schemaPath: "#/properties/progress/properties/spent/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err79];
						else vErrors.push(err79);
						errors++;
					}
				}
				if (data4.since !== void 0) {
					let data25 = data4.since;
					if (typeof data25 == "number" && isFinite(data25)) {
						if (data25 > 0x38d7ea4c68000 || isNaN(data25)) {
							const err80 = {
								instancePath: instancePath + "/progress/since",
								schemaPath: "#/properties/progress/properties/since/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 0x38d7ea4c68000
								},
								message: "must be <= 1000000000000000"
							};
							if (vErrors === null) vErrors = [err80];
							else vErrors.push(err80);
							errors++;
						}
						if (data25 < 0 || isNaN(data25)) {
							const err81 = {
								instancePath: instancePath + "/progress/since",
								schemaPath: "#/properties/progress/properties/since/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err81];
							else vErrors.push(err81);
							errors++;
						}
					} else {
						const err82 = {
							instancePath: instancePath + "/progress/since",
							schemaPath: "#/properties/progress/properties/since/type",
							keyword: "type",
							params: { type: "number" },
							message: "must be number"
						};
						if (vErrors === null) vErrors = [err82];
						else vErrors.push(err82);
						errors++;
					}
				}
				if (data4.acknowledged !== void 0) {
					let data26 = data4.acknowledged;
					if (Array.isArray(data26)) {
						if (data26.length > 50) {
							const err83 = {
								instancePath: instancePath + "/progress/acknowledged",
								schemaPath: "#/properties/progress/properties/acknowledged/maxItems",
								keyword: "maxItems",
								params: { limit: 50 },
								message: "must NOT have more than 50 items"
							};
							if (vErrors === null) vErrors = [err83];
							else vErrors.push(err83);
							errors++;
						}
						const len0 = data26.length;
						for (let i0 = 0; i0 < len0; i0++) {
							let data27 = data26[i0];
							if (typeof data27 === "string") {
								if (func3(data27) > 60) {
									const err84 = {
										instancePath: instancePath + "/progress/acknowledged/" + i0,
										schemaPath: "#/properties/progress/properties/acknowledged/items/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err84];
									else vErrors.push(err84);
									errors++;
								}
								if (func3(data27) < 1) {
									const err85 = {
										instancePath: instancePath + "/progress/acknowledged/" + i0,
										schemaPath: "#/properties/progress/properties/acknowledged/items/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err85];
									else vErrors.push(err85);
									errors++;
								}
							} else {
								const err86 = {
									instancePath: instancePath + "/progress/acknowledged/" + i0,
									schemaPath: "#/properties/progress/properties/acknowledged/items/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err86];
								else vErrors.push(err86);
								errors++;
							}
						}
					} else {
						const err87 = {
							instancePath: instancePath + "/progress/acknowledged",
							schemaPath: "#/properties/progress/properties/acknowledged/type",
							keyword: "type",
							params: { type: "array" },
							message: "must be array"
						};
						if (vErrors === null) vErrors = [err87];
						else vErrors.push(err87);
						errors++;
					}
				}
				if (data4.left !== void 0) {
					let data28 = data4.left;
					if (Array.isArray(data28)) {
						if (data28.length > 2e3) {
							const err88 = {
								instancePath: instancePath + "/progress/left",
								schemaPath: "#/properties/progress/properties/left/maxItems",
								keyword: "maxItems",
								params: { limit: 2e3 },
								message: "must NOT have more than 2000 items"
							};
							if (vErrors === null) vErrors = [err88];
							else vErrors.push(err88);
							errors++;
						}
						const len1 = data28.length;
						for (let i1 = 0; i1 < len1; i1++) {
							let data29 = data28[i1];
							if (data29 && typeof data29 == "object" && !Array.isArray(data29)) {
								if (data29.rows === void 0) {
									const err89 = {
										instancePath: instancePath + "/progress/left/" + i1,
										schemaPath: "#/properties/progress/properties/left/items/required",
										keyword: "required",
										params: { missingProperty: "rows" },
										message: "must have required property 'rows'"
									};
									if (vErrors === null) vErrors = [err89];
									else vErrors.push(err89);
									errors++;
								}
								if (data29.end === void 0) {
									const err90 = {
										instancePath: instancePath + "/progress/left/" + i1,
										schemaPath: "#/properties/progress/properties/left/items/required",
										keyword: "required",
										params: { missingProperty: "end" },
										message: "must have required property 'end'"
									};
									if (vErrors === null) vErrors = [err90];
									else vErrors.push(err90);
									errors++;
								}
								if (data29.leftMm === void 0) {
									const err91 = {
										instancePath: instancePath + "/progress/left/" + i1,
										schemaPath: "#/properties/progress/properties/left/items/required",
										keyword: "required",
										params: { missingProperty: "leftMm" },
										message: "must have required property 'leftMm'"
									};
									if (vErrors === null) vErrors = [err91];
									else vErrors.push(err91);
									errors++;
								}
								if (data29.band === void 0) {
									const err92 = {
										instancePath: instancePath + "/progress/left/" + i1,
										schemaPath: "#/properties/progress/properties/left/items/required",
										keyword: "required",
										params: { missingProperty: "band" },
										message: "must have required property 'band'"
									};
									if (vErrors === null) vErrors = [err92];
									else vErrors.push(err92);
									errors++;
								}
								if (data29.pass === void 0) {
									const err93 = {
										instancePath: instancePath + "/progress/left/" + i1,
										schemaPath: "#/properties/progress/properties/left/items/required",
										keyword: "required",
										params: { missingProperty: "pass" },
										message: "must have required property 'pass'"
									};
									if (vErrors === null) vErrors = [err93];
									else vErrors.push(err93);
									errors++;
								}
								for (const key5 in data29) if (!(key5 === "rows" || key5 === "end" || key5 === "leftMm" || key5 === "band" || key5 === "pass")) {
									const err94 = {
										instancePath: instancePath + "/progress/left/" + i1,
										schemaPath: "#/properties/progress/properties/left/items/additionalProperties",
										keyword: "additionalProperties",
										params: { additionalProperty: key5 },
										message: "must NOT have additional properties"
									};
									if (vErrors === null) vErrors = [err94];
									else vErrors.push(err94);
									errors++;
								}
								if (data29.rows !== void 0) {
									let data30 = data29.rows;
									if (!(typeof data30 == "number" && !(data30 % 1) && !isNaN(data30) && isFinite(data30))) {
										const err95 = {
											instancePath: instancePath + "/progress/left/" + i1 + "/rows",
											schemaPath: "#/properties/progress/properties/left/items/properties/rows/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err95];
										else vErrors.push(err95);
										errors++;
									}
									if (typeof data30 == "number" && isFinite(data30)) {
										if (data30 > 5e3 || isNaN(data30)) {
											const err96 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/rows",
												schemaPath: "#/properties/progress/properties/left/items/properties/rows/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 5e3
												},
												message: "must be <= 5000"
											};
											if (vErrors === null) vErrors = [err96];
											else vErrors.push(err96);
											errors++;
										}
										if (data30 < 0 || isNaN(data30)) {
											const err97 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/rows",
												schemaPath: "#/properties/progress/properties/left/items/properties/rows/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err97];
											else vErrors.push(err97);
											errors++;
										}
									}
								}
								if (data29.end !== void 0) {
									let data31 = data29.end;
									if (!(typeof data31 == "number" && !(data31 % 1) && !isNaN(data31) && isFinite(data31))) {
										const err98 = {
											instancePath: instancePath + "/progress/left/" + i1 + "/end",
											schemaPath: "#/properties/progress/properties/left/items/properties/end/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err98];
										else vErrors.push(err98);
										errors++;
									}
									if (typeof data31 == "number" && isFinite(data31)) {
										if (data31 > 40 || isNaN(data31)) {
											const err99 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/end",
												schemaPath: "#/properties/progress/properties/left/items/properties/end/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 40
												},
												message: "must be <= 40"
											};
											if (vErrors === null) vErrors = [err99];
											else vErrors.push(err99);
											errors++;
										}
										if (data31 < 0 || isNaN(data31)) {
											const err100 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/end",
												schemaPath: "#/properties/progress/properties/left/items/properties/end/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err100];
											else vErrors.push(err100);
											errors++;
										}
									}
								}
								if (data29.leftMm !== void 0) {
									let data32 = data29.leftMm;
									if (typeof data32 == "number" && isFinite(data32)) {
										if (data32 > 1e5 || isNaN(data32)) {
											const err101 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/leftMm",
												schemaPath: "#/properties/progress/properties/left/items/properties/leftMm/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 1e5
												},
												message: "must be <= 100000"
											};
											if (vErrors === null) vErrors = [err101];
											else vErrors.push(err101);
											errors++;
										}
										if (data32 < 0 || isNaN(data32)) {
											const err102 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/leftMm",
												schemaPath: "#/properties/progress/properties/left/items/properties/leftMm/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err102];
											else vErrors.push(err102);
											errors++;
										}
									} else {
										const err103 = {
											instancePath: instancePath + "/progress/left/" + i1 + "/leftMm",
											schemaPath: "#/properties/progress/properties/left/items/properties/leftMm/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err103];
										else vErrors.push(err103);
										errors++;
									}
								}
								if (data29.band !== void 0) {
									let data33 = data29.band;
									if (!(typeof data33 == "number" && !(data33 % 1) && !isNaN(data33) && isFinite(data33))) {
										const err104 = {
											instancePath: instancePath + "/progress/left/" + i1 + "/band",
											schemaPath: "#/properties/progress/properties/left/items/properties/band/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err104];
										else vErrors.push(err104);
										errors++;
									}
									if (typeof data33 == "number" && isFinite(data33)) {
										if (data33 > 3 || isNaN(data33)) {
											const err105 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/band",
												schemaPath: "#/properties/progress/properties/left/items/properties/band/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 3
												},
												message: "must be <= 3"
											};
											if (vErrors === null) vErrors = [err105];
											else vErrors.push(err105);
											errors++;
										}
										if (data33 < 0 || isNaN(data33)) {
											const err106 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/band",
												schemaPath: "#/properties/progress/properties/left/items/properties/band/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err106];
											else vErrors.push(err106);
											errors++;
										}
									}
								}
								if (data29.pass !== void 0) {
									let data34 = data29.pass;
									if (!(typeof data34 == "number" && !(data34 % 1) && !isNaN(data34) && isFinite(data34))) {
										const err107 = {
											instancePath: instancePath + "/progress/left/" + i1 + "/pass",
											schemaPath: "#/properties/progress/properties/left/items/properties/pass/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err107];
										else vErrors.push(err107);
										errors++;
									}
									if (typeof data34 == "number" && isFinite(data34)) {
										if (data34 > 3 || isNaN(data34)) {
											const err108 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/pass",
												schemaPath: "#/properties/progress/properties/left/items/properties/pass/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 3
												},
												message: "must be <= 3"
											};
											if (vErrors === null) vErrors = [err108];
											else vErrors.push(err108);
											errors++;
										}
										if (data34 < 0 || isNaN(data34)) {
											const err109 = {
												instancePath: instancePath + "/progress/left/" + i1 + "/pass",
												schemaPath: "#/properties/progress/properties/left/items/properties/pass/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err109];
											else vErrors.push(err109);
											errors++;
										}
									}
								}
							} else {
								const err110 = {
									instancePath: instancePath + "/progress/left/" + i1,
									schemaPath: "#/properties/progress/properties/left/items/type",
									keyword: "type",
									params: { type: "object" },
									message: "must be object"
								};
								if (vErrors === null) vErrors = [err110];
								else vErrors.push(err110);
								errors++;
							}
						}
					} else {
						const err111 = {
							instancePath: instancePath + "/progress/left",
							schemaPath: "#/properties/progress/properties/left/type",
							keyword: "type",
							params: { type: "array" },
							message: "must be array"
						};
						if (vErrors === null) vErrors = [err111];
						else vErrors.push(err111);
						errors++;
					}
				}
				if (data4.woven !== void 0) {
					let data35 = data4.woven;
					if (Array.isArray(data35)) {
						if (data35.length > 2e3) {
							const err112 = {
								instancePath: instancePath + "/progress/woven",
								schemaPath: "#/properties/progress/properties/woven/maxItems",
								keyword: "maxItems",
								params: { limit: 2e3 },
								message: "must NOT have more than 2000 items"
							};
							if (vErrors === null) vErrors = [err112];
							else vErrors.push(err112);
							errors++;
						}
						const len2 = data35.length;
						for (let i2 = 0; i2 < len2; i2++) {
							let data36 = data35[i2];
							if (data36 && typeof data36 == "object" && !Array.isArray(data36)) {
								if (data36.rows === void 0) {
									const err113 = {
										instancePath: instancePath + "/progress/woven/" + i2,
										schemaPath: "#/properties/progress/properties/woven/items/required",
										keyword: "required",
										params: { missingProperty: "rows" },
										message: "must have required property 'rows'"
									};
									if (vErrors === null) vErrors = [err113];
									else vErrors.push(err113);
									errors++;
								}
								if (data36.wovenMm === void 0) {
									const err114 = {
										instancePath: instancePath + "/progress/woven/" + i2,
										schemaPath: "#/properties/progress/properties/woven/items/required",
										keyword: "required",
										params: { missingProperty: "wovenMm" },
										message: "must have required property 'wovenMm'"
									};
									if (vErrors === null) vErrors = [err114];
									else vErrors.push(err114);
									errors++;
								}
								if (data36.band === void 0) {
									const err115 = {
										instancePath: instancePath + "/progress/woven/" + i2,
										schemaPath: "#/properties/progress/properties/woven/items/required",
										keyword: "required",
										params: { missingProperty: "band" },
										message: "must have required property 'band'"
									};
									if (vErrors === null) vErrors = [err115];
									else vErrors.push(err115);
									errors++;
								}
								if (data36.pass === void 0) {
									const err116 = {
										instancePath: instancePath + "/progress/woven/" + i2,
										schemaPath: "#/properties/progress/properties/woven/items/required",
										keyword: "required",
										params: { missingProperty: "pass" },
										message: "must have required property 'pass'"
									};
									if (vErrors === null) vErrors = [err116];
									else vErrors.push(err116);
									errors++;
								}
								for (const key6 in data36) if (!(key6 === "rows" || key6 === "wovenMm" || key6 === "band" || key6 === "pass")) {
									const err117 = {
										instancePath: instancePath + "/progress/woven/" + i2,
										schemaPath: "#/properties/progress/properties/woven/items/additionalProperties",
										keyword: "additionalProperties",
										params: { additionalProperty: key6 },
										message: "must NOT have additional properties"
									};
									if (vErrors === null) vErrors = [err117];
									else vErrors.push(err117);
									errors++;
								}
								if (data36.rows !== void 0) {
									let data37 = data36.rows;
									if (!(typeof data37 == "number" && !(data37 % 1) && !isNaN(data37) && isFinite(data37))) {
										const err118 = {
											instancePath: instancePath + "/progress/woven/" + i2 + "/rows",
											schemaPath: "#/properties/progress/properties/woven/items/properties/rows/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err118];
										else vErrors.push(err118);
										errors++;
									}
									if (typeof data37 == "number" && isFinite(data37)) {
										if (data37 > 5e3 || isNaN(data37)) {
											const err119 = {
												instancePath: instancePath + "/progress/woven/" + i2 + "/rows",
												schemaPath: "#/properties/progress/properties/woven/items/properties/rows/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 5e3
												},
												message: "must be <= 5000"
											};
											if (vErrors === null) vErrors = [err119];
											else vErrors.push(err119);
											errors++;
										}
										if (data37 < 0 || isNaN(data37)) {
											const err120 = {
												instancePath: instancePath + "/progress/woven/" + i2 + "/rows",
												schemaPath: "#/properties/progress/properties/woven/items/properties/rows/minimum",
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
									}
								}
								if (data36.wovenMm !== void 0) {
									let data38 = data36.wovenMm;
									if (typeof data38 == "number" && isFinite(data38)) {
										if (data38 > 1e5 || isNaN(data38)) {
											const err121 = {
												instancePath: instancePath + "/progress/woven/" + i2 + "/wovenMm",
												schemaPath: "#/properties/progress/properties/woven/items/properties/wovenMm/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 1e5
												},
												message: "must be <= 100000"
											};
											if (vErrors === null) vErrors = [err121];
											else vErrors.push(err121);
											errors++;
										}
										if (data38 < 0 || isNaN(data38)) {
											const err122 = {
												instancePath: instancePath + "/progress/woven/" + i2 + "/wovenMm",
												schemaPath: "#/properties/progress/properties/woven/items/properties/wovenMm/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err122];
											else vErrors.push(err122);
											errors++;
										}
									} else {
										const err123 = {
											instancePath: instancePath + "/progress/woven/" + i2 + "/wovenMm",
											schemaPath: "#/properties/progress/properties/woven/items/properties/wovenMm/type",
											keyword: "type",
											params: { type: "number" },
											message: "must be number"
										};
										if (vErrors === null) vErrors = [err123];
										else vErrors.push(err123);
										errors++;
									}
								}
								if (data36.band !== void 0) {
									let data39 = data36.band;
									if (!(typeof data39 == "number" && !(data39 % 1) && !isNaN(data39) && isFinite(data39))) {
										const err124 = {
											instancePath: instancePath + "/progress/woven/" + i2 + "/band",
											schemaPath: "#/properties/progress/properties/woven/items/properties/band/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err124];
										else vErrors.push(err124);
										errors++;
									}
									if (typeof data39 == "number" && isFinite(data39)) {
										if (data39 > 3 || isNaN(data39)) {
											const err125 = {
												instancePath: instancePath + "/progress/woven/" + i2 + "/band",
												schemaPath: "#/properties/progress/properties/woven/items/properties/band/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 3
												},
												message: "must be <= 3"
											};
											if (vErrors === null) vErrors = [err125];
											else vErrors.push(err125);
											errors++;
										}
										if (data39 < 0 || isNaN(data39)) {
											const err126 = {
												instancePath: instancePath + "/progress/woven/" + i2 + "/band",
												schemaPath: "#/properties/progress/properties/woven/items/properties/band/minimum",
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
									}
								}
								if (data36.pass !== void 0) {
									let data40 = data36.pass;
									if (!(typeof data40 == "number" && !(data40 % 1) && !isNaN(data40) && isFinite(data40))) {
										const err127 = {
											instancePath: instancePath + "/progress/woven/" + i2 + "/pass",
											schemaPath: "#/properties/progress/properties/woven/items/properties/pass/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err127];
										else vErrors.push(err127);
										errors++;
									}
									if (typeof data40 == "number" && isFinite(data40)) {
										if (data40 > 3 || isNaN(data40)) {
											const err128 = {
												instancePath: instancePath + "/progress/woven/" + i2 + "/pass",
												schemaPath: "#/properties/progress/properties/woven/items/properties/pass/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 3
												},
												message: "must be <= 3"
											};
											if (vErrors === null) vErrors = [err128];
											else vErrors.push(err128);
											errors++;
										}
										if (data40 < 0 || isNaN(data40)) {
											const err129 = {
												instancePath: instancePath + "/progress/woven/" + i2 + "/pass",
												schemaPath: "#/properties/progress/properties/woven/items/properties/pass/minimum",
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
									}
								}
							} else {
								const err130 = {
									instancePath: instancePath + "/progress/woven/" + i2,
									schemaPath: "#/properties/progress/properties/woven/items/type",
									keyword: "type",
									params: { type: "object" },
									message: "must be object"
								};
								if (vErrors === null) vErrors = [err130];
								else vErrors.push(err130);
								errors++;
							}
						}
					} else {
						const err131 = {
							instancePath: instancePath + "/progress/woven",
							schemaPath: "#/properties/progress/properties/woven/type",
							keyword: "type",
							params: { type: "array" },
							message: "must be array"
						};
						if (vErrors === null) vErrors = [err131];
						else vErrors.push(err131);
						errors++;
					}
				}
				if (data4.slips !== void 0) {
					let data41 = data4.slips;
					if (Array.isArray(data41)) {
						if (data41.length > 2e3) {
							const err132 = {
								instancePath: instancePath + "/progress/slips",
								schemaPath: "#/properties/progress/properties/slips/maxItems",
								keyword: "maxItems",
								params: { limit: 2e3 },
								message: "must NOT have more than 2000 items"
							};
							if (vErrors === null) vErrors = [err132];
							else vErrors.push(err132);
							errors++;
						}
						const len3 = data41.length;
						for (let i3 = 0; i3 < len3; i3++) {
							let data42 = data41[i3];
							if (data42 && typeof data42 == "object" && !Array.isArray(data42)) {
								if (data42.row === void 0) {
									const err133 = {
										instancePath: instancePath + "/progress/slips/" + i3,
										schemaPath: "#/properties/progress/properties/slips/items/required",
										keyword: "required",
										params: { missingProperty: "row" },
										message: "must have required property 'row'"
									};
									if (vErrors === null) vErrors = [err133];
									else vErrors.push(err133);
									errors++;
								}
								if (data42.band === void 0) {
									const err134 = {
										instancePath: instancePath + "/progress/slips/" + i3,
										schemaPath: "#/properties/progress/properties/slips/items/required",
										keyword: "required",
										params: { missingProperty: "band" },
										message: "must have required property 'band'"
									};
									if (vErrors === null) vErrors = [err134];
									else vErrors.push(err134);
									errors++;
								}
								if (data42.fault === void 0) {
									const err135 = {
										instancePath: instancePath + "/progress/slips/" + i3,
										schemaPath: "#/properties/progress/properties/slips/items/required",
										keyword: "required",
										params: { missingProperty: "fault" },
										message: "must have required property 'fault'"
									};
									if (vErrors === null) vErrors = [err135];
									else vErrors.push(err135);
									errors++;
								}
								if (data42.undone === void 0) {
									const err136 = {
										instancePath: instancePath + "/progress/slips/" + i3,
										schemaPath: "#/properties/progress/properties/slips/items/required",
										keyword: "required",
										params: { missingProperty: "undone" },
										message: "must have required property 'undone'"
									};
									if (vErrors === null) vErrors = [err136];
									else vErrors.push(err136);
									errors++;
								}
								for (const key7 in data42) if (!(key7 === "row" || key7 === "band" || key7 === "fault" || key7 === "undone")) {
									const err137 = {
										instancePath: instancePath + "/progress/slips/" + i3,
										schemaPath: "#/properties/progress/properties/slips/items/additionalProperties",
										keyword: "additionalProperties",
										params: { additionalProperty: key7 },
										message: "must NOT have additional properties"
									};
									if (vErrors === null) vErrors = [err137];
									else vErrors.push(err137);
									errors++;
								}
								if (data42.row !== void 0) {
									let data43 = data42.row;
									if (!(typeof data43 == "number" && !(data43 % 1) && !isNaN(data43) && isFinite(data43))) {
										const err138 = {
											instancePath: instancePath + "/progress/slips/" + i3 + "/row",
											schemaPath: "#/properties/progress/properties/slips/items/properties/row/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err138];
										else vErrors.push(err138);
										errors++;
									}
									if (typeof data43 == "number" && isFinite(data43)) {
										if (data43 > 5e3 || isNaN(data43)) {
											const err139 = {
												instancePath: instancePath + "/progress/slips/" + i3 + "/row",
												schemaPath: "#/properties/progress/properties/slips/items/properties/row/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 5e3
												},
												message: "must be <= 5000"
											};
											if (vErrors === null) vErrors = [err139];
											else vErrors.push(err139);
											errors++;
										}
										if (data43 < 0 || isNaN(data43)) {
											const err140 = {
												instancePath: instancePath + "/progress/slips/" + i3 + "/row",
												schemaPath: "#/properties/progress/properties/slips/items/properties/row/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err140];
											else vErrors.push(err140);
											errors++;
										}
									}
								}
								if (data42.band !== void 0) {
									let data44 = data42.band;
									if (!(typeof data44 == "number" && !(data44 % 1) && !isNaN(data44) && isFinite(data44))) {
										const err141 = {
											instancePath: instancePath + "/progress/slips/" + i3 + "/band",
											schemaPath: "#/properties/progress/properties/slips/items/properties/band/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err141];
										else vErrors.push(err141);
										errors++;
									}
									if (typeof data44 == "number" && isFinite(data44)) {
										if (data44 > 3 || isNaN(data44)) {
											const err142 = {
												instancePath: instancePath + "/progress/slips/" + i3 + "/band",
												schemaPath: "#/properties/progress/properties/slips/items/properties/band/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 3
												},
												message: "must be <= 3"
											};
											if (vErrors === null) vErrors = [err142];
											else vErrors.push(err142);
											errors++;
										}
										if (data44 < 0 || isNaN(data44)) {
											const err143 = {
												instancePath: instancePath + "/progress/slips/" + i3 + "/band",
												schemaPath: "#/properties/progress/properties/slips/items/properties/band/minimum",
												keyword: "minimum",
												params: {
													comparison: ">=",
													limit: 0
												},
												message: "must be >= 0"
											};
											if (vErrors === null) vErrors = [err143];
											else vErrors.push(err143);
											errors++;
										}
									}
								}
								if (data42.fault !== void 0) {
									let data45 = data42.fault;
									if (typeof data45 === "string") {
										if (func3(data45) > 80) {
											const err144 = {
												instancePath: instancePath + "/progress/slips/" + i3 + "/fault",
												schemaPath: "#/properties/progress/properties/slips/items/properties/fault/maxLength",
												keyword: "maxLength",
												params: { limit: 80 },
												message: "must NOT have more than 80 characters"
											};
											if (vErrors === null) vErrors = [err144];
											else vErrors.push(err144);
											errors++;
										}
										if (func3(data45) < 1) {
											const err145 = {
												instancePath: instancePath + "/progress/slips/" + i3 + "/fault",
												schemaPath: "#/properties/progress/properties/slips/items/properties/fault/minLength",
												keyword: "minLength",
												params: { limit: 1 },
												message: "must NOT have fewer than 1 characters"
											};
											if (vErrors === null) vErrors = [err145];
											else vErrors.push(err145);
											errors++;
										}
									} else {
										const err146 = {
											instancePath: instancePath + "/progress/slips/" + i3 + "/fault",
											schemaPath: "#/properties/progress/properties/slips/items/properties/fault/type",
											keyword: "type",
											params: { type: "string" },
											message: "must be string"
										};
										if (vErrors === null) vErrors = [err146];
										else vErrors.push(err146);
										errors++;
									}
								}
								if (data42.undone !== void 0) {
									let data46 = data42.undone;
									if (!(typeof data46 == "number" && !(data46 % 1) && !isNaN(data46) && isFinite(data46))) {
										const err147 = {
											instancePath: instancePath + "/progress/slips/" + i3 + "/undone",
											schemaPath: "#/properties/progress/properties/slips/items/properties/undone/type",
											keyword: "type",
											params: { type: "integer" },
											message: "must be integer"
										};
										if (vErrors === null) vErrors = [err147];
										else vErrors.push(err147);
										errors++;
									}
									if (typeof data46 == "number" && isFinite(data46)) {
										if (data46 > 5e3 || isNaN(data46)) {
											const err148 = {
												instancePath: instancePath + "/progress/slips/" + i3 + "/undone",
												schemaPath: "#/properties/progress/properties/slips/items/properties/undone/maximum",
												keyword: "maximum",
												params: {
													comparison: "<=",
													limit: 5e3
												},
												message: "must be <= 5000"
											};
											if (vErrors === null) vErrors = [err148];
											else vErrors.push(err148);
											errors++;
										}
										if (data46 < 0 || isNaN(data46)) {
											const err149 = {
												instancePath: instancePath + "/progress/slips/" + i3 + "/undone",
												schemaPath: "#/properties/progress/properties/slips/items/properties/undone/minimum",
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
							} else {
								const err150 = {
									instancePath: instancePath + "/progress/slips/" + i3,
									schemaPath: "#/properties/progress/properties/slips/items/type",
									keyword: "type",
									params: { type: "object" },
									message: "must be object"
								};
								if (vErrors === null) vErrors = [err150];
								else vErrors.push(err150);
								errors++;
							}
						}
					} else {
						const err151 = {
							instancePath: instancePath + "/progress/slips",
							schemaPath: "#/properties/progress/properties/slips/type",
							keyword: "type",
							params: { type: "array" },
							message: "must be array"
						};
						if (vErrors === null) vErrors = [err151];
						else vErrors.push(err151);
						errors++;
					}
				}
				if (data4.undoneRows !== void 0) {
					let data47 = data4.undoneRows;
					if (!(typeof data47 == "number" && !(data47 % 1) && !isNaN(data47) && isFinite(data47))) {
						const err152 = {
							instancePath: instancePath + "/progress/undoneRows",
							schemaPath: "#/properties/progress/properties/undoneRows/type",
							keyword: "type",
							params: { type: "integer" },
							message: "must be integer"
						};
						if (vErrors === null) vErrors = [err152];
						else vErrors.push(err152);
						errors++;
					}
					if (typeof data47 == "number" && isFinite(data47)) {
						if (data47 > 1e6 || isNaN(data47)) {
							const err153 = {
								instancePath: instancePath + "/progress/undoneRows",
								schemaPath: "#/properties/progress/properties/undoneRows/maximum",
								keyword: "maximum",
								params: {
									comparison: "<=",
									limit: 1e6
								},
								message: "must be <= 1000000"
							};
							if (vErrors === null) vErrors = [err153];
							else vErrors.push(err153);
							errors++;
						}
						if (data47 < 0 || isNaN(data47)) {
							const err154 = {
								instancePath: instancePath + "/progress/undoneRows",
								schemaPath: "#/properties/progress/properties/undoneRows/minimum",
								keyword: "minimum",
								params: {
									comparison: ">=",
									limit: 0
								},
								message: "must be >= 0"
							};
							if (vErrors === null) vErrors = [err154];
							else vErrors.push(err154);
							errors++;
						}
					}
				}
				if (data4.rowsOf !== void 0) {
					let data48 = data4.rowsOf;
					if (Array.isArray(data48)) {
						if (data48.length > 4) {
							const err155 = {
								instancePath: instancePath + "/progress/rowsOf",
								schemaPath: "#/properties/progress/properties/rowsOf/maxItems",
								keyword: "maxItems",
								params: { limit: 4 },
								message: "must NOT have more than 4 items"
							};
							if (vErrors === null) vErrors = [err155];
							else vErrors.push(err155);
							errors++;
						}
						const len4 = data48.length;
						for (let i4 = 0; i4 < len4; i4++) {
							let data49 = data48[i4];
							if (!(typeof data49 == "number" && !(data49 % 1) && !isNaN(data49) && isFinite(data49))) {
								const err156 = {
									instancePath: instancePath + "/progress/rowsOf/" + i4,
									schemaPath: "#/properties/progress/properties/rowsOf/items/type",
									keyword: "type",
									params: { type: "integer" },
									message: "must be integer"
								};
								if (vErrors === null) vErrors = [err156];
								else vErrors.push(err156);
								errors++;
							}
							if (typeof data49 == "number" && isFinite(data49)) {
								if (data49 > 5e3 || isNaN(data49)) {
									const err157 = {
										instancePath: instancePath + "/progress/rowsOf/" + i4,
										schemaPath: "#/properties/progress/properties/rowsOf/items/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 5e3
										},
										message: "must be <= 5000"
									};
									if (vErrors === null) vErrors = [err157];
									else vErrors.push(err157);
									errors++;
								}
								if (data49 < 1 || isNaN(data49)) {
									const err158 = {
										instancePath: instancePath + "/progress/rowsOf/" + i4,
										schemaPath: "#/properties/progress/properties/rowsOf/items/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: 1
										},
										message: "must be >= 1"
									};
									if (vErrors === null) vErrors = [err158];
									else vErrors.push(err158);
									errors++;
								}
							}
						}
					} else {
						const err159 = {
							instancePath: instancePath + "/progress/rowsOf",
							schemaPath: "#/properties/progress/properties/rowsOf/type",
							keyword: "type",
							params: { type: "array" },
							message: "must be array"
						};
						if (vErrors === null) vErrors = [err159];
						else vErrors.push(err159);
						errors++;
					}
				}
			} else {
				const err160 = {
					instancePath: instancePath + "/progress",
					schemaPath: "#/properties/progress/type",
					keyword: "type",
					params: { type: "object" },
					message: "must be object"
				};
				if (vErrors === null) vErrors = [err160];
				else vErrors.push(err160);
				errors++;
			}
		}
	} else {
		const err161 = {
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		};
		if (vErrors === null) vErrors = [err161];
		else vErrors.push(err161);
		errors++;
	}
	validate10.errors = vErrors;
	return errors === 0;
}
export { tying_default as default, validate };
