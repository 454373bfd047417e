// Generated from schemas/swatch.schema.json by npm run gen. Do not edit.
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
// node_modules/.cache/warp-beam-gen/swatch.mjs
const validate = validate10;
var swatch_default = validate10;
const func2 = require_ucs2length().default;
function validate10(data, { instancePath = "", parentData, parentDataProperty, rootData = data } = {}) {
	let vErrors = null;
	let errors = 0;
	if (data && typeof data == "object" && !Array.isArray(data)) {
		if (data.patternId === void 0) {
			const err0 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "patternId" },
				message: "must have required property 'patternId'"
			};
			if (vErrors === null) vErrors = [err0];
			else vErrors.push(err0);
			errors++;
		}
		if (data.cordId === void 0) {
			const err1 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "cordId" },
				message: "must have required property 'cordId'"
			};
			if (vErrors === null) vErrors = [err1];
			else vErrors.push(err1);
			errors++;
		}
		if (data.rows === void 0) {
			const err2 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "rows" },
				message: "must have required property 'rows'"
			};
			if (vErrors === null) vErrors = [err2];
			else vErrors.push(err2);
			errors++;
		}
		if (data.wovenMm === void 0) {
			const err3 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "wovenMm" },
				message: "must have required property 'wovenMm'"
			};
			if (vErrors === null) vErrors = [err3];
			else vErrors.push(err3);
			errors++;
		}
		if (data.workUsedMm === void 0) {
			const err4 = {
				instancePath,
				schemaPath: "#/required",
				keyword: "required",
				params: { missingProperty: "workUsedMm" },
				message: "must have required property 'workUsedMm'"
			};
			if (vErrors === null) vErrors = [err4];
			else vErrors.push(err4);
			errors++;
		}
		for (const key0 in data) if (!(key0 === "patternId" || key0 === "cordId" || key0 === "rows" || key0 === "wovenMm" || key0 === "workUsedMm" || key0 === "widthMm")) {
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
		if (data.patternId !== void 0) {
			let data0 = data.patternId;
			if (typeof data0 === "string") {
				if (func2(data0) > 80) {
					const err6 = {
						instancePath: instancePath + "/patternId",
						schemaPath: "#/properties/patternId/maxLength",
						keyword: "maxLength",
						params: { limit: 80 },
						message: "must NOT have more than 80 characters"
					};
					if (vErrors === null) vErrors = [err6];
					else vErrors.push(err6);
					errors++;
				}
				if (func2(data0) < 1) {
					const err7 = {
						instancePath: instancePath + "/patternId",
						schemaPath: "#/properties/patternId/minLength",
						keyword: "minLength",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 characters"
					};
					if (vErrors === null) vErrors = [err7];
					else vErrors.push(err7);
					errors++;
				}
			} else {
				const err8 = {
					instancePath: instancePath + "/patternId",
					schemaPath: "#/properties/patternId/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err8];
				else vErrors.push(err8);
				errors++;
			}
		}
		if (data.cordId !== void 0) {
			let data1 = data.cordId;
			if (typeof data1 === "string") {
				if (func2(data1) > 60) {
					const err9 = {
						instancePath: instancePath + "/cordId",
						schemaPath: "#/properties/cordId/maxLength",
						keyword: "maxLength",
						params: { limit: 60 },
						message: "must NOT have more than 60 characters"
					};
					if (vErrors === null) vErrors = [err9];
					else vErrors.push(err9);
					errors++;
				}
				if (func2(data1) < 1) {
					const err10 = {
						instancePath: instancePath + "/cordId",
						schemaPath: "#/properties/cordId/minLength",
						keyword: "minLength",
						params: { limit: 1 },
						message: "must NOT have fewer than 1 characters"
					};
					if (vErrors === null) vErrors = [err10];
					else vErrors.push(err10);
					errors++;
				}
			} else {
				const err11 = {
					instancePath: instancePath + "/cordId",
					schemaPath: "#/properties/cordId/type",
					keyword: "type",
					params: { type: "string" },
					message: "must be string"
				};
				if (vErrors === null) vErrors = [err11];
				else vErrors.push(err11);
				errors++;
			}
		}
		if (data.rows !== void 0) {
			let data2 = data.rows;
			if (typeof data2 == "number" && isFinite(data2)) {
				if (data2 > 1e4 || isNaN(data2)) {
					const err12 = {
						instancePath: instancePath + "/rows",
						schemaPath: "#/properties/rows/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 1e4
						},
						message: "must be <= 10000"
					};
					if (vErrors === null) vErrors = [err12];
					else vErrors.push(err12);
					errors++;
				}
				if (data2 <= 0 || isNaN(data2)) {
					const err13 = {
						instancePath: instancePath + "/rows",
						schemaPath: "#/properties/rows/exclusiveMinimum",
						keyword: "exclusiveMinimum",
						params: {
							comparison: ">",
							limit: 0
						},
						message: "must be > 0"
					};
					if (vErrors === null) vErrors = [err13];
					else vErrors.push(err13);
					errors++;
				}
			} else {
				const err14 = {
					instancePath: instancePath + "/rows",
					schemaPath: "#/properties/rows/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err14];
				else vErrors.push(err14);
				errors++;
			}
		}
		if (data.wovenMm !== void 0) {
			let data3 = data.wovenMm;
			if (typeof data3 == "number" && isFinite(data3)) {
				if (data3 > 1e5 || isNaN(data3)) {
					const err15 = {
						instancePath: instancePath + "/wovenMm",
						schemaPath: "#/properties/wovenMm/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 1e5
						},
						message: "must be <= 100000"
					};
					if (vErrors === null) vErrors = [err15];
					else vErrors.push(err15);
					errors++;
				}
				if (data3 <= 0 || isNaN(data3)) {
					const err16 = {
						instancePath: instancePath + "/wovenMm",
						schemaPath: "#/properties/wovenMm/exclusiveMinimum",
						keyword: "exclusiveMinimum",
						params: {
							comparison: ">",
							limit: 0
						},
						message: "must be > 0"
					};
					if (vErrors === null) vErrors = [err16];
					else vErrors.push(err16);
					errors++;
				}
			} else {
				const err17 = {
					instancePath: instancePath + "/wovenMm",
					schemaPath: "#/properties/wovenMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err17];
				else vErrors.push(err17);
				errors++;
			}
		}
		if (data.workUsedMm !== void 0) {
			let data4 = data.workUsedMm;
			if (typeof data4 == "number" && isFinite(data4)) {
				if (data4 > 1e6 || isNaN(data4)) {
					const err18 = {
						instancePath: instancePath + "/workUsedMm",
						schemaPath: "#/properties/workUsedMm/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 1e6
						},
						message: "must be <= 1000000"
					};
					if (vErrors === null) vErrors = [err18];
					else vErrors.push(err18);
					errors++;
				}
				if (data4 <= 0 || isNaN(data4)) {
					const err19 = {
						instancePath: instancePath + "/workUsedMm",
						schemaPath: "#/properties/workUsedMm/exclusiveMinimum",
						keyword: "exclusiveMinimum",
						params: {
							comparison: ">",
							limit: 0
						},
						message: "must be > 0"
					};
					if (vErrors === null) vErrors = [err19];
					else vErrors.push(err19);
					errors++;
				}
			} else {
				const err20 = {
					instancePath: instancePath + "/workUsedMm",
					schemaPath: "#/properties/workUsedMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err20];
				else vErrors.push(err20);
				errors++;
			}
		}
		if (data.widthMm !== void 0) {
			let data5 = data.widthMm;
			if (typeof data5 == "number" && isFinite(data5)) {
				if (data5 > 1e3 || isNaN(data5)) {
					const err21 = {
						instancePath: instancePath + "/widthMm",
						schemaPath: "#/properties/widthMm/maximum",
						keyword: "maximum",
						params: {
							comparison: "<=",
							limit: 1e3
						},
						message: "must be <= 1000"
					};
					if (vErrors === null) vErrors = [err21];
					else vErrors.push(err21);
					errors++;
				}
				if (data5 <= 0 || isNaN(data5)) {
					const err22 = {
						instancePath: instancePath + "/widthMm",
						schemaPath: "#/properties/widthMm/exclusiveMinimum",
						keyword: "exclusiveMinimum",
						params: {
							comparison: ">",
							limit: 0
						},
						message: "must be > 0"
					};
					if (vErrors === null) vErrors = [err22];
					else vErrors.push(err22);
					errors++;
				}
			} else {
				const err23 = {
					instancePath: instancePath + "/widthMm",
					schemaPath: "#/properties/widthMm/type",
					keyword: "type",
					params: { type: "number" },
					message: "must be number"
				};
				if (vErrors === null) vErrors = [err23];
				else vErrors.push(err23);
				errors++;
			}
		}
	} else {
		const err24 = {
			instancePath,
			schemaPath: "#/type",
			keyword: "type",
			params: { type: "object" },
			message: "must be object"
		};
		if (vErrors === null) vErrors = [err24];
		else vErrors.push(err24);
		errors++;
	}
	validate10.errors = vErrors;
	return errors === 0;
}
export { swatch_default as default, validate };
