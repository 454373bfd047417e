// Generated from schemas/palette.schema.json by npm run gen. Do not edit.
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
// node_modules/.cache/warp-beam-gen/palette.mjs
const validate = validate10;
var palette_default = validate10;
const schema11 = {
	"$schema": "http://json-schema.org/draft-07/schema#",
	"$id": "urn:warp-beam:palette:1",
	"title": "Palette",
	"description": "Cords of one's own by look, version 1.",
	"type": "object",
	"additionalProperties": false,
	"required": [
		"format",
		"version",
		"looks"
	],
	"properties": {
		"format": { "const": "warp-beam/palette" },
		"version": { "const": 1 },
		"looks": {
			"type": "array",
			"maxItems": 200,
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
		}
	}
};
const func2 = require_ucs2length().default;
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
		if (data.looks === void 0) {
			const err2 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "looks" },
				message: "must have required property 'looks'"
			};
			if (vErrors === null) vErrors = [err2];
			else vErrors.push(err2);
			errors++;
		}
		for (const key0 in data) if (!(key0 === "format" || key0 === "version" || key0 === "looks")) {
			const err3 = {
				instancePath,
				schemaPath: "#/additionalProperties",
				keyword: "additionalProperties",
				params: { additionalProperty: key0 },
				message: "must NOT have additional properties"
			};
			if (vErrors === null) vErrors = [err3];
			else vErrors.push(err3);
			errors++;
		}
		if (data.format !== void 0) {
			if ("warp-beam/palette" !== data.format) {
				const err4 = {
					instancePath: instancePath + "/format",
					schemaPath: "#/properties/format/const",
					keyword: "const",
					params: { allowedValue: "warp-beam/palette" },
					message: "must be equal to constant"
				};
				if (vErrors === null) vErrors = [err4];
				else vErrors.push(err4);
				errors++;
			}
		}
		if (data.version !== void 0) {
			if (1 !== data.version) {
				const err5 = {
					instancePath: instancePath + "/version",
					schemaPath: "#/properties/version/const",
					keyword: "const",
					params: { allowedValue: 1 },
					message: "must be equal to constant"
				};
				if (vErrors === null) vErrors = [err5];
				else vErrors.push(err5);
				errors++;
			}
		}
		if (data.looks !== void 0) {
			let data2 = data.looks;
			if (Array.isArray(data2)) {
				if (data2.length > 200) {
					const err6 = {
						instancePath: instancePath + "/looks",
						schemaPath: "#/properties/looks/maxItems",
						keyword: "maxItems",
						params: { limit: 200 },
						message: "must NOT have more than 200 items"
					};
					if (vErrors === null) vErrors = [err6];
					else vErrors.push(err6);
					errors++;
				}
				const len0 = data2.length;
				for (let i0 = 0; i0 < len0; i0++) {
					let data3 = data2[i0];
					if (data3 && typeof data3 == "object" && !Array.isArray(data3)) {
						if (data3.id === void 0) {
							const err7 = {
								instancePath: instancePath + "/looks/" + i0,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "id" },
								message: "must have required property 'id'"
							};
							if (vErrors === null) vErrors = [err7];
							else vErrors.push(err7);
							errors++;
						}
						if (data3.name === void 0) {
							const err8 = {
								instancePath: instancePath + "/looks/" + i0,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "name" },
								message: "must have required property 'name'"
							};
							if (vErrors === null) vErrors = [err8];
							else vErrors.push(err8);
							errors++;
						}
						if (data3.look === void 0) {
							const err9 = {
								instancePath: instancePath + "/looks/" + i0,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "look" },
								message: "must have required property 'look'"
							};
							if (vErrors === null) vErrors = [err9];
							else vErrors.push(err9);
							errors++;
						}
						if (data3.base === void 0) {
							const err10 = {
								instancePath: instancePath + "/looks/" + i0,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "base" },
								message: "must have required property 'base'"
							};
							if (vErrors === null) vErrors = [err10];
							else vErrors.push(err10);
							errors++;
						}
						if (data3.accents === void 0) {
							const err11 = {
								instancePath: instancePath + "/looks/" + i0,
								schemaPath: "#/properties/looks/items/required",
								keyword: "required",
								params: { missingProperty: "accents" },
								message: "must have required property 'accents'"
							};
							if (vErrors === null) vErrors = [err11];
							else vErrors.push(err11);
							errors++;
						}
						for (const key1 in data3) if (!(key1 === "id" || key1 === "name" || key1 === "letter" || key1 === "look" || key1 === "base" || key1 === "accents" || key1 === "scale")) {
							const err12 = {
								instancePath: instancePath + "/looks/" + i0,
								schemaPath: "#/properties/looks/items/additionalProperties",
								keyword: "additionalProperties",
								params: { additionalProperty: key1 },
								message: "must NOT have additional properties"
							};
							if (vErrors === null) vErrors = [err12];
							else vErrors.push(err12);
							errors++;
						}
						if (data3.id !== void 0) {
							let data4 = data3.id;
							if (typeof data4 === "string") {
								if (func2(data4) > 60) {
									const err13 = {
										instancePath: instancePath + "/looks/" + i0 + "/id",
										schemaPath: "#/properties/looks/items/properties/id/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err13];
									else vErrors.push(err13);
									errors++;
								}
								if (func2(data4) < 1) {
									const err14 = {
										instancePath: instancePath + "/looks/" + i0 + "/id",
										schemaPath: "#/properties/looks/items/properties/id/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err14];
									else vErrors.push(err14);
									errors++;
								}
							} else {
								const err15 = {
									instancePath: instancePath + "/looks/" + i0 + "/id",
									schemaPath: "#/properties/looks/items/properties/id/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err15];
								else vErrors.push(err15);
								errors++;
							}
						}
						if (data3.name !== void 0) {
							let data5 = data3.name;
							if (typeof data5 === "string") {
								if (func2(data5) > 60) {
									const err16 = {
										instancePath: instancePath + "/looks/" + i0 + "/name",
										schemaPath: "#/properties/looks/items/properties/name/maxLength",
										keyword: "maxLength",
										params: { limit: 60 },
										message: "must NOT have more than 60 characters"
									};
									if (vErrors === null) vErrors = [err16];
									else vErrors.push(err16);
									errors++;
								}
								if (func2(data5) < 1) {
									const err17 = {
										instancePath: instancePath + "/looks/" + i0 + "/name",
										schemaPath: "#/properties/looks/items/properties/name/minLength",
										keyword: "minLength",
										params: { limit: 1 },
										message: "must NOT have fewer than 1 characters"
									};
									if (vErrors === null) vErrors = [err17];
									else vErrors.push(err17);
									errors++;
								}
							} else {
								const err18 = {
									instancePath: instancePath + "/looks/" + i0 + "/name",
									schemaPath: "#/properties/looks/items/properties/name/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err18];
								else vErrors.push(err18);
								errors++;
							}
						}
						if (data3.letter !== void 0) {
							let data6 = data3.letter;
							if (typeof data6 === "string") {
								if (func2(data6) > 2) {
									const err19 = {
										instancePath: instancePath + "/looks/" + i0 + "/letter",
										schemaPath: "#/properties/looks/items/properties/letter/maxLength",
										keyword: "maxLength",
										params: { limit: 2 },
										message: "must NOT have more than 2 characters"
									};
									if (vErrors === null) vErrors = [err19];
									else vErrors.push(err19);
									errors++;
								}
								if (func2(data6) < 1) {
									const err20 = {
										instancePath: instancePath + "/looks/" + i0 + "/letter",
										schemaPath: "#/properties/looks/items/properties/letter/minLength",
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
									instancePath: instancePath + "/looks/" + i0 + "/letter",
									schemaPath: "#/properties/looks/items/properties/letter/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err21];
								else vErrors.push(err21);
								errors++;
							}
						}
						if (data3.look !== void 0) {
							let data7 = data3.look;
							if (!(data7 === "solid" || data7 === "flecked" || data7 === "striped" || data7 === "camouflage" || data7 === "two-tone")) {
								const err22 = {
									instancePath: instancePath + "/looks/" + i0 + "/look",
									schemaPath: "#/properties/looks/items/properties/look/enum",
									keyword: "enum",
									params: { allowedValues: schema11.properties.looks.items.properties.look.enum },
									message: "must be equal to one of the allowed values"
								};
								if (vErrors === null) vErrors = [err22];
								else vErrors.push(err22);
								errors++;
							}
						}
						if (data3.base !== void 0) {
							let data8 = data3.base;
							if (typeof data8 === "string") {
								if (!pattern0.test(data8)) {
									const err23 = {
										instancePath: instancePath + "/looks/" + i0 + "/base",
										schemaPath: "#/properties/looks/items/properties/base/pattern",
										keyword: "pattern",
										params: { pattern: "^#[0-9a-f]{6}$" },
										message: "must match pattern \"^#[0-9a-f]{6}$\""
									};
									if (vErrors === null) vErrors = [err23];
									else vErrors.push(err23);
									errors++;
								}
							} else {
								const err24 = {
									instancePath: instancePath + "/looks/" + i0 + "/base",
									schemaPath: "#/properties/looks/items/properties/base/type",
									keyword: "type",
									params: { type: "string" },
									message: "must be string"
								};
								if (vErrors === null) vErrors = [err24];
								else vErrors.push(err24);
								errors++;
							}
						}
						if (data3.accents !== void 0) {
							let data9 = data3.accents;
							if (Array.isArray(data9)) {
								if (data9.length > 4) {
									const err25 = {
										instancePath: instancePath + "/looks/" + i0 + "/accents",
										schemaPath: "#/properties/looks/items/properties/accents/maxItems",
										keyword: "maxItems",
										params: { limit: 4 },
										message: "must NOT have more than 4 items"
									};
									if (vErrors === null) vErrors = [err25];
									else vErrors.push(err25);
									errors++;
								}
								const len1 = data9.length;
								for (let i1 = 0; i1 < len1; i1++) {
									let data10 = data9[i1];
									if (typeof data10 === "string") {
										if (!pattern0.test(data10)) {
											const err26 = {
												instancePath: instancePath + "/looks/" + i0 + "/accents/" + i1,
												schemaPath: "#/properties/looks/items/properties/accents/items/pattern",
												keyword: "pattern",
												params: { pattern: "^#[0-9a-f]{6}$" },
												message: "must match pattern \"^#[0-9a-f]{6}$\""
											};
											if (vErrors === null) vErrors = [err26];
											else vErrors.push(err26);
											errors++;
										}
									} else {
										const err27 = {
											instancePath: instancePath + "/looks/" + i0 + "/accents/" + i1,
											schemaPath: "#/properties/looks/items/properties/accents/items/type",
											keyword: "type",
											params: { type: "string" },
											message: "must be string"
										};
										if (vErrors === null) vErrors = [err27];
										else vErrors.push(err27);
										errors++;
									}
								}
							} else {
								const err28 = {
									instancePath: instancePath + "/looks/" + i0 + "/accents",
									schemaPath: "#/properties/looks/items/properties/accents/type",
									keyword: "type",
									params: { type: "array" },
									message: "must be array"
								};
								if (vErrors === null) vErrors = [err28];
								else vErrors.push(err28);
								errors++;
							}
						}
						if (data3.scale !== void 0) {
							let data11 = data3.scale;
							if (typeof data11 == "number" && isFinite(data11)) {
								if (data11 > 4 || isNaN(data11)) {
									const err29 = {
										instancePath: instancePath + "/looks/" + i0 + "/scale",
										schemaPath: "#/properties/looks/items/properties/scale/maximum",
										keyword: "maximum",
										params: {
											comparison: "<=",
											limit: 4
										},
										message: "must be <= 4"
									};
									if (vErrors === null) vErrors = [err29];
									else vErrors.push(err29);
									errors++;
								}
								if (data11 < .3 || isNaN(data11)) {
									const err30 = {
										instancePath: instancePath + "/looks/" + i0 + "/scale",
										schemaPath: "#/properties/looks/items/properties/scale/minimum",
										keyword: "minimum",
										params: {
											comparison: ">=",
											limit: .3
										},
										message: "must be >= 0.3"
									};
									if (vErrors === null) vErrors = [err30];
									else vErrors.push(err30);
									errors++;
								}
							} else {
								const err31 = {
									instancePath: instancePath + "/looks/" + i0 + "/scale",
									schemaPath: "#/properties/looks/items/properties/scale/type",
									keyword: "type",
									params: { type: "number" },
									message: "must be number"
								};
								if (vErrors === null) vErrors = [err31];
								else vErrors.push(err31);
								errors++;
							}
						}
					} else {
						const err32 = {
							instancePath: instancePath + "/looks/" + i0,
							schemaPath: "#/properties/looks/items/type",
							keyword: "type",
							params: { type: "object" },
							message: "must be object"
						};
						if (vErrors === null) vErrors = [err32];
						else vErrors.push(err32);
						errors++;
					}
				}
			} else {
				const err33 = {
					instancePath: instancePath + "/looks",
					schemaPath: "#/properties/looks/type",
					keyword: "type",
					params: { type: "array" },
					message: "must be array"
				};
				if (vErrors === null) vErrors = [err33];
				else vErrors.push(err33);
				errors++;
			}
		}
	} else {
		const err34 = {
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		};
		if (vErrors === null) vErrors = [err34];
		else vErrors.push(err34);
		errors++;
	}
	validate10.errors = vErrors;
	return errors === 0;
}
export { palette_default as default, validate };
