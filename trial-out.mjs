// node_modules/valibot/dist/index.mjs
var store$4;
var DEFAULT_CONFIG = {
  lang: void 0,
  message: void 0,
  abortEarly: void 0,
  abortPipeEarly: void 0
};
// @__NO_SIDE_EFFECTS__
function getGlobalConfig(config$1) {
  if (!config$1 && !store$4) return DEFAULT_CONFIG;
  return {
    lang: config$1?.lang ?? store$4?.lang,
    message: config$1?.message,
    abortEarly: config$1?.abortEarly ?? store$4?.abortEarly,
    abortPipeEarly: config$1?.abortPipeEarly ?? store$4?.abortPipeEarly
  };
}
var store$3;
// @__NO_SIDE_EFFECTS__
function getGlobalMessage(lang) {
  return store$3?.get(lang);
}
var store$2;
// @__NO_SIDE_EFFECTS__
function getSchemaMessage(lang) {
  return store$2?.get(lang);
}
var store$1;
// @__NO_SIDE_EFFECTS__
function getSpecificMessage(reference, lang) {
  return store$1?.get(reference)?.get(lang);
}
// @__NO_SIDE_EFFECTS__
function _stringify(input) {
  const type = typeof input;
  if (type === "string") return `"${input}"`;
  if (type === "number" || type === "bigint" || type === "boolean") return `${input}`;
  if (type === "object" || type === "function") return (input && Object.getPrototypeOf(input)?.constructor?.name) ?? "null";
  return type;
}
function _addIssue(context, label, dataset, config$1, other) {
  const input = other && "input" in other ? other.input : dataset.value;
  const expected = other?.expected ?? context.expects ?? null;
  const received = other?.received ?? /* @__PURE__ */ _stringify(input);
  const issue = {
    kind: context.kind,
    type: context.type,
    input,
    expected,
    received,
    message: `Invalid ${label}: ${expected ? `Expected ${expected} but r` : "R"}eceived ${received}`,
    requirement: context.requirement,
    path: other?.path,
    issues: other?.issues,
    lang: config$1.lang,
    abortEarly: config$1.abortEarly,
    abortPipeEarly: config$1.abortPipeEarly
  };
  const isSchema = context.kind === "schema";
  const message$1 = other?.message ?? context.message ?? /* @__PURE__ */ getSpecificMessage(context.reference, issue.lang) ?? (isSchema ? /* @__PURE__ */ getSchemaMessage(issue.lang) : null) ?? config$1.message ?? /* @__PURE__ */ getGlobalMessage(issue.lang);
  if (message$1 !== void 0) issue.message = typeof message$1 === "function" ? message$1(issue) : message$1;
  if (isSchema) dataset.typed = false;
  if (dataset.issues) dataset.issues.push(issue);
  else dataset.issues = [issue];
}
// @__NO_SIDE_EFFECTS__
function _isSameValueZero(value1, value2) {
  return value1 === value2 || Number.isNaN(value1) && Number.isNaN(value2);
}
// @__NO_SIDE_EFFECTS__
function _isValidObjectKey(object$1, key2) {
  return Object.prototype.hasOwnProperty.call(object$1, key2) && key2 !== "__proto__" && key2 !== "prototype" && key2 !== "constructor";
}
// @__NO_SIDE_EFFECTS__
function _joinExpects(values$1, separator) {
  const list = [...new Set(values$1)];
  if (list.length > 1) return `(${list.join(` ${separator} `)})`;
  return list[0] ?? "never";
}
function _standardSchema(schema) {
  schema["~standard"] = {
    version: 1,
    vendor: "valibot",
    validate: (value$1) => schema["~run"]({ value: value$1 }, /* @__PURE__ */ getGlobalConfig())
  };
  return schema;
}
var ValiError = class extends Error {
  /**
  * Creates a Valibot error with useful information.
  *
  * @param issues The error issues.
  */
  constructor(issues) {
    super(issues[0].message);
    this.name = "ValiError";
    this.issues = issues;
  }
};
var ISO_DATE_REGEX = /^\d{4}-(?:0[1-9]|1[0-2])-(?:[12]\d|0[1-9]|3[01])$/u;
// @__NO_SIDE_EFFECTS__
function brand(name) {
  return {
    kind: "transformation",
    type: "brand",
    reference: brand,
    async: false,
    name,
    "~run"(dataset) {
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function finite(message$1) {
  return {
    kind: "validation",
    type: "finite",
    reference: finite,
    async: false,
    expects: null,
    requirement: Number.isFinite,
    message: message$1,
    "~run"(dataset, config$1) {
      if (dataset.typed && !this.requirement(dataset.value)) _addIssue(this, "finite", dataset, config$1);
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function integer(message$1) {
  return {
    kind: "validation",
    type: "integer",
    reference: integer,
    async: false,
    expects: null,
    requirement: Number.isInteger,
    message: message$1,
    "~run"(dataset, config$1) {
      if (dataset.typed && !this.requirement(dataset.value)) _addIssue(this, "integer", dataset, config$1);
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function isoDate(message$1) {
  return {
    kind: "validation",
    type: "iso_date",
    reference: isoDate,
    async: false,
    expects: null,
    requirement: ISO_DATE_REGEX,
    message: message$1,
    "~run"(dataset, config$1) {
      if (dataset.typed && !this.requirement.test(dataset.value)) _addIssue(this, "date", dataset, config$1);
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function maxLength(requirement, message$1) {
  return {
    kind: "validation",
    type: "max_length",
    reference: maxLength,
    async: false,
    expects: `<=${requirement}`,
    requirement,
    message: message$1,
    "~run"(dataset, config$1) {
      if (dataset.typed && dataset.value.length > this.requirement) _addIssue(this, "length", dataset, config$1, { received: `${dataset.value.length}` });
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function maxValue(requirement, message$1) {
  return {
    kind: "validation",
    type: "max_value",
    reference: maxValue,
    async: false,
    expects: `<=${requirement instanceof Date ? requirement.toJSON() : /* @__PURE__ */ _stringify(requirement)}`,
    requirement,
    message: message$1,
    "~run"(dataset, config$1) {
      if (dataset.typed && !(dataset.value <= this.requirement)) _addIssue(this, "value", dataset, config$1, { received: dataset.value instanceof Date ? dataset.value.toJSON() : /* @__PURE__ */ _stringify(dataset.value) });
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function minLength(requirement, message$1) {
  return {
    kind: "validation",
    type: "min_length",
    reference: minLength,
    async: false,
    expects: `>=${requirement}`,
    requirement,
    message: message$1,
    "~run"(dataset, config$1) {
      if (dataset.typed && dataset.value.length < this.requirement) _addIssue(this, "length", dataset, config$1, { received: `${dataset.value.length}` });
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function minValue(requirement, message$1) {
  return {
    kind: "validation",
    type: "min_value",
    reference: minValue,
    async: false,
    expects: `>=${requirement instanceof Date ? requirement.toJSON() : /* @__PURE__ */ _stringify(requirement)}`,
    requirement,
    message: message$1,
    "~run"(dataset, config$1) {
      if (dataset.typed && !(dataset.value >= this.requirement)) _addIssue(this, "value", dataset, config$1, { received: dataset.value instanceof Date ? dataset.value.toJSON() : /* @__PURE__ */ _stringify(dataset.value) });
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function regex(requirement, message$1) {
  return {
    kind: "validation",
    type: "regex",
    reference: regex,
    async: false,
    expects: `${requirement}`,
    requirement,
    message: message$1,
    "~run"(dataset, config$1) {
      if (dataset.typed && !this.requirement.test(dataset.value)) _addIssue(this, "format", dataset, config$1);
      return dataset;
    }
  };
}
// @__NO_SIDE_EFFECTS__
function trim() {
  return {
    kind: "transformation",
    type: "trim",
    reference: trim,
    async: false,
    "~run"(dataset) {
      dataset.value = dataset.value.trim();
      return dataset;
    }
  };
}
var ABORT_EARLY_CONFIG = { abortEarly: true };
// @__NO_SIDE_EFFECTS__
function getFallback(schema, dataset, config$1) {
  return typeof schema.fallback === "function" ? schema.fallback(dataset, config$1) : schema.fallback;
}
// @__NO_SIDE_EFFECTS__
function getDefault(schema, dataset, config$1) {
  return typeof schema.default === "function" ? schema.default(dataset, config$1) : schema.default;
}
// @__NO_SIDE_EFFECTS__
function array(item, message$1) {
  return _standardSchema({
    kind: "schema",
    type: "array",
    reference: array,
    expects: "Array",
    async: false,
    item,
    message: message$1,
    "~run"(dataset, config$1) {
      const input = dataset.value;
      if (Array.isArray(input)) {
        dataset.typed = true;
        dataset.value = [];
        for (let key2 = 0; key2 < input.length; key2++) {
          const value$1 = input[key2];
          const itemDataset = this.item["~run"]({ value: value$1 }, config$1);
          if (itemDataset.issues) {
            const pathItem = {
              type: "array",
              origin: "value",
              input,
              key: key2,
              value: value$1
            };
            for (const issue of itemDataset.issues) {
              if (issue.path) issue.path.unshift(pathItem);
              else issue.path = [pathItem];
              dataset.issues?.push(issue);
            }
            if (!dataset.issues) dataset.issues = itemDataset.issues;
            if (config$1.abortEarly) {
              dataset.typed = false;
              break;
            }
          }
          if (!itemDataset.typed) dataset.typed = false;
          dataset.value.push(itemDataset.value);
        }
      } else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
// @__NO_SIDE_EFFECTS__
function boolean(message$1) {
  return _standardSchema({
    kind: "schema",
    type: "boolean",
    reference: boolean,
    expects: "boolean",
    async: false,
    message: message$1,
    "~run"(dataset, config$1) {
      if (typeof dataset.value === "boolean") dataset.typed = true;
      else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
// @__NO_SIDE_EFFECTS__
function literal(literal_, message$1) {
  return _standardSchema({
    kind: "schema",
    type: "literal",
    reference: literal,
    expects: /* @__PURE__ */ _stringify(literal_),
    async: false,
    literal: literal_,
    message: message$1,
    "~run"(dataset, config$1) {
      if (/* @__PURE__ */ _isSameValueZero(dataset.value, this.literal)) dataset.typed = true;
      else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
// @__NO_SIDE_EFFECTS__
function number(message$1) {
  return _standardSchema({
    kind: "schema",
    type: "number",
    reference: number,
    expects: "number",
    async: false,
    message: message$1,
    "~run"(dataset, config$1) {
      if (typeof dataset.value === "number" && !isNaN(dataset.value)) dataset.typed = true;
      else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
// @__NO_SIDE_EFFECTS__
function optional(wrapped, default_) {
  return _standardSchema({
    kind: "schema",
    type: "optional",
    reference: optional,
    expects: `(${wrapped.expects} | undefined)`,
    async: false,
    wrapped,
    default: default_,
    "~run"(dataset, config$1) {
      if (dataset.value === void 0) {
        if (this.default !== void 0) dataset.value = /* @__PURE__ */ getDefault(this, dataset, config$1);
        if (dataset.value === void 0) {
          dataset.typed = true;
          return dataset;
        }
      }
      return this.wrapped["~run"](dataset, config$1);
    }
  });
}
// @__NO_SIDE_EFFECTS__
function picklist(options, message$1) {
  return _standardSchema({
    kind: "schema",
    type: "picklist",
    reference: picklist,
    expects: /* @__PURE__ */ _joinExpects(options.map(_stringify), "|"),
    async: false,
    options,
    message: message$1,
    "~run"(dataset, config$1) {
      if (this.options.includes(dataset.value)) dataset.typed = true;
      else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
// @__NO_SIDE_EFFECTS__
function record(key2, value$1, message$1) {
  return _standardSchema({
    kind: "schema",
    type: "record",
    reference: record,
    expects: "Object",
    async: false,
    key: key2,
    value: value$1,
    message: message$1,
    "~run"(dataset, config$1) {
      const input = dataset.value;
      if (input && typeof input === "object") {
        dataset.typed = true;
        dataset.value = {};
        for (const entryKey in input) if (/* @__PURE__ */ _isValidObjectKey(input, entryKey)) {
          const entryValue = input[entryKey];
          const keyDataset = this.key["~run"]({ value: entryKey }, config$1);
          if (keyDataset.issues) {
            const pathItem = {
              type: "object",
              origin: "key",
              input,
              key: entryKey,
              value: entryValue
            };
            for (const issue of keyDataset.issues) {
              issue.path = [pathItem];
              dataset.issues?.push(issue);
            }
            if (!dataset.issues) dataset.issues = keyDataset.issues;
            if (config$1.abortEarly) {
              dataset.typed = false;
              break;
            }
          }
          const valueDataset = this.value["~run"]({ value: entryValue }, config$1);
          if (valueDataset.issues) {
            const pathItem = {
              type: "object",
              origin: "value",
              input,
              key: entryKey,
              value: entryValue
            };
            for (const issue of valueDataset.issues) {
              if (issue.path) issue.path.unshift(pathItem);
              else issue.path = [pathItem];
              dataset.issues?.push(issue);
            }
            if (!dataset.issues) dataset.issues = valueDataset.issues;
            if (config$1.abortEarly) {
              dataset.typed = false;
              break;
            }
          }
          if (!keyDataset.typed || !valueDataset.typed) dataset.typed = false;
          if (keyDataset.typed) dataset.value[keyDataset.value] = valueDataset.value;
        }
      } else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
// @__NO_SIDE_EFFECTS__
function strictObject(entries$1, message$1) {
  return _standardSchema({
    kind: "schema",
    type: "strict_object",
    reference: strictObject,
    expects: "Object",
    async: false,
    entries: entries$1,
    message: message$1,
    "~run"(dataset, config$1) {
      const input = dataset.value;
      if (input && typeof input === "object") {
        dataset.typed = true;
        dataset.value = {};
        for (const key2 in this.entries) {
          const valueSchema = this.entries[key2];
          if (key2 in input || (valueSchema.type === "exact_optional" || valueSchema.type === "optional" || valueSchema.type === "nullish") && valueSchema.default !== void 0) {
            const value$1 = key2 in input ? input[key2] : /* @__PURE__ */ getDefault(valueSchema);
            const valueDataset = valueSchema["~run"]({ value: value$1 }, config$1);
            if (valueDataset.issues) {
              const pathItem = {
                type: "object",
                origin: "value",
                input,
                key: key2,
                value: value$1
              };
              for (const issue of valueDataset.issues) {
                if (issue.path) issue.path.unshift(pathItem);
                else issue.path = [pathItem];
                dataset.issues?.push(issue);
              }
              if (!dataset.issues) dataset.issues = valueDataset.issues;
              if (config$1.abortEarly) {
                dataset.typed = false;
                break;
              }
            }
            if (!valueDataset.typed) dataset.typed = false;
            dataset.value[key2] = valueDataset.value;
          } else if (valueSchema.fallback !== void 0) dataset.value[key2] = /* @__PURE__ */ getFallback(valueSchema);
          else if (valueSchema.type !== "exact_optional" && valueSchema.type !== "optional" && valueSchema.type !== "nullish") {
            _addIssue(this, "key", dataset, config$1, {
              input: void 0,
              expected: `"${key2}"`,
              path: [{
                type: "object",
                origin: "key",
                input,
                key: key2,
                value: input[key2]
              }]
            });
            if (config$1.abortEarly) break;
          }
        }
        if (!dataset.issues || !config$1.abortEarly) {
          for (const key2 in input) if (!Object.prototype.hasOwnProperty.call(this.entries, key2)) {
            _addIssue(this, "key", dataset, config$1, {
              input: key2,
              expected: "never",
              path: [{
                type: "object",
                origin: "key",
                input,
                key: key2,
                value: input[key2]
              }]
            });
            break;
          }
        }
      } else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
// @__NO_SIDE_EFFECTS__
function string(message$1) {
  return _standardSchema({
    kind: "schema",
    type: "string",
    reference: string,
    expects: "string",
    async: false,
    message: message$1,
    "~run"(dataset, config$1) {
      if (typeof dataset.value === "string") dataset.typed = true;
      else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
// @__NO_SIDE_EFFECTS__
function variant(key2, options, message$1) {
  return _standardSchema({
    kind: "schema",
    type: "variant",
    reference: variant,
    expects: "Object",
    async: false,
    key: key2,
    options,
    message: message$1,
    "~run"(dataset, config$1) {
      const input = dataset.value;
      if (input && typeof input === "object") {
        let outputDataset;
        let maxDiscriminatorPriority = 0;
        let invalidDiscriminatorKey = this.key;
        let expectedDiscriminators = [];
        const parseOptions = (variant$1, allKeys) => {
          for (const schema of variant$1.options) {
            if (schema.type === "variant") parseOptions(schema, new Set(allKeys).add(schema.key));
            else {
              let keysAreValid = true;
              let currentPriority = 0;
              for (const currentKey of allKeys) {
                const discriminatorSchema = schema.entries[currentKey];
                if (currentKey in input ? discriminatorSchema["~run"]({
                  typed: false,
                  value: input[currentKey]
                }, ABORT_EARLY_CONFIG).issues : discriminatorSchema.type !== "exact_optional" && discriminatorSchema.type !== "optional" && discriminatorSchema.type !== "nullish") {
                  keysAreValid = false;
                  if (invalidDiscriminatorKey !== currentKey && (maxDiscriminatorPriority < currentPriority || maxDiscriminatorPriority === currentPriority && currentKey in input && !(invalidDiscriminatorKey in input))) {
                    maxDiscriminatorPriority = currentPriority;
                    invalidDiscriminatorKey = currentKey;
                    expectedDiscriminators = [];
                  }
                  if (invalidDiscriminatorKey === currentKey) expectedDiscriminators.push(schema.entries[currentKey].expects);
                  break;
                }
                currentPriority++;
              }
              if (keysAreValid) {
                const optionDataset = schema["~run"]({ value: input }, config$1);
                if (!outputDataset || !outputDataset.typed && optionDataset.typed) outputDataset = optionDataset;
              }
            }
            if (outputDataset && !outputDataset.issues) break;
          }
        };
        parseOptions(this, /* @__PURE__ */ new Set([this.key]));
        if (outputDataset) return outputDataset;
        _addIssue(this, "type", dataset, config$1, {
          input: input[invalidDiscriminatorKey],
          expected: /* @__PURE__ */ _joinExpects(expectedDiscriminators, "|"),
          path: [{
            type: "object",
            origin: "value",
            input,
            key: invalidDiscriminatorKey,
            value: input[invalidDiscriminatorKey]
          }]
        });
      } else _addIssue(this, "type", dataset, config$1);
      return dataset;
    }
  });
}
function parse(schema, input, config$1) {
  const dataset = schema["~run"]({ value: input }, /* @__PURE__ */ getGlobalConfig(config$1));
  if (dataset.issues) throw new ValiError(dataset.issues);
  return dataset.value;
}
// @__NO_SIDE_EFFECTS__
function pipe(...pipe$1) {
  return _standardSchema({
    ...pipe$1[0],
    pipe: pipe$1,
    "~run"(dataset, config$1) {
      for (const item of pipe$1) if (item.kind !== "metadata") {
        if (dataset.issues && (item.kind === "schema" || item.kind === "transformation")) {
          dataset.typed = false;
          break;
        }
        if (!dataset.issues || !config$1.abortEarly && !config$1.abortPipeEarly) dataset = item["~run"](dataset, config$1);
      }
      return dataset;
    }
  });
}

// data/reference/hazards.json
var hazards_default = [
  { id: "gluten", name: "gluten", kind: "allergen", source: "Regulation (EU) No 1169/2011, Annex II; Codex STAN 118-1979" },
  { id: "wheat", name: "wheat", kind: "allergen", groups: ["gluten"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "barley", name: "barley", kind: "allergen", groups: ["gluten"], source: "Regulation (EU) No 1169/2011, Annex II" },
  { id: "rye", name: "rye", kind: "allergen", groups: ["gluten"], source: "Regulation (EU) No 1169/2011, Annex II" },
  { id: "oats", name: "oats", kind: "allergen", source: "Regulation (EU) No 1169/2011, Annex II; oats bring gluten unless certified: Regulation (EU) No 828/2014" },
  { id: "milk", name: "milk", kind: "allergen", source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "egg", name: "egg", kind: "allergen", source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "peanut", name: "peanut", kind: "allergen", related: ["lupin"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "tree-nut", name: "tree nuts", kind: "allergen", related: ["coconut"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "almond", name: "almond", kind: "allergen", groups: ["tree-nut"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "cashew", name: "cashew", kind: "allergen", groups: ["tree-nut"], related: ["pistachio"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "walnut", name: "walnut", kind: "allergen", groups: ["tree-nut"], related: ["pecan"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "pecan", name: "pecan", kind: "allergen", groups: ["tree-nut"], related: ["walnut"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "hazelnut", name: "hazelnut", kind: "allergen", groups: ["tree-nut"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "pistachio", name: "pistachio", kind: "allergen", groups: ["tree-nut"], related: ["cashew"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "macadamia", name: "macadamia", kind: "allergen", groups: ["tree-nut"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "brazil-nut", name: "Brazil nut", kind: "allergen", groups: ["tree-nut"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "pine-nut", name: "pine nut", kind: "allergen", groups: ["tree-nut"], source: "FALCPA 2004 (US)" },
  { id: "coconut", name: "coconut", kind: "allergen", source: "FDA guidance, January 2025: not a tree nut for labelling; some guests avoid it all the same" },
  { id: "soy", name: "soy", kind: "allergen", source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "fish", name: "fish", kind: "allergen", source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "crustacean", name: "crustaceans", kind: "allergen", related: ["mollusc"], source: "FALCPA 2004 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "mollusc", name: "molluscs", kind: "allergen", related: ["crustacean"], source: "Regulation (EU) No 1169/2011, Annex II" },
  { id: "sesame", name: "sesame", kind: "allergen", source: "FASTER Act 2021 (US); Regulation (EU) No 1169/2011, Annex II" },
  { id: "mustard", name: "mustard", kind: "allergen", source: "Regulation (EU) No 1169/2011, Annex II" },
  { id: "celery", name: "celery", kind: "allergen", source: "Regulation (EU) No 1169/2011, Annex II" },
  { id: "lupin", name: "lupin seed", kind: "allergen", related: ["peanut"], source: "Regulation (EU) No 1169/2011, Annex II" },
  { id: "sulphites", name: "sulphites", kind: "allergen", source: "Regulation (EU) No 1169/2011, Annex II: over 10 mg/kg" },
  { id: "lactose", name: "lactose", kind: "intolerance", source: "Milk sugar, distinct from milk protein; clear in aged hard cheese, ghee and lactose-free goods" },
  { id: "meat", name: "meat", kind: "origin", source: "An origin that a diet may exclude" },
  { id: "poultry", name: "poultry", kind: "origin", source: "An origin that a diet may exclude" },
  { id: "pork", name: "pork", kind: "origin", groups: ["meat"], source: "An origin that a diet may exclude" },
  { id: "gelatine", name: "gelatine", kind: "origin", source: "An origin that a diet may exclude" },
  { id: "honey", name: "honey", kind: "origin", source: "An origin that a diet may exclude" },
  { id: "other-animal", name: "another animal product", kind: "origin", source: "An origin that a diet may exclude" },
  { id: "alcohol", name: "alcohol", kind: "origin", source: "An origin that a diet may exclude" },
  { id: "raw-poultry", name: "raw poultry", kind: "raw", safeCoreC: 74, source: "USDA FSIS safe minimum internal temperature chart", washAlways: true },
  { id: "raw-meat", name: "raw meat", kind: "raw", safeCoreC: 71, source: "USDA FSIS safe minimum internal temperature chart: ground meat 71 \xB0C; whole cuts may be served from 63 \xB0C with 3 minutes' rest", washAlways: true },
  { id: "raw-fish", name: "raw fish", kind: "raw", safeCoreC: 63, source: "USDA FSIS safe minimum internal temperature chart", washAlways: true },
  { id: "raw-egg", name: "raw egg", kind: "raw", safeCoreC: 71, source: "USDA FSIS safe minimum internal temperature chart" },
  { id: "raw-flour", name: "raw flour", kind: "raw", safeCoreC: 74, source: "FDA consumer advice on raw flour: bake or cook before eating" }
];

// packages/core/src/reference/hazards.ts
var HazardKind = picklist(["allergen", "intolerance", "origin", "raw"]);
var HazardRow = strictObject({
  id: string(),
  name: string(),
  kind: HazardKind,
  /** The groups this hazard belongs to: walnut is in tree-nut, wheat is in gluten. */
  groups: optional(array(string()), []),
  /** Close relatives: whoever avoids this one gets *check* for those, never *clear*. */
  related: optional(array(string()), []),
  /** Core temperature in °C that removes a raw-food risk; only for kind "raw". */
  safeCoreC: optional(number()),
  /** Washed off before any other food, even one that will be cooked. */
  washAlways: optional(boolean(), false),
  source: string()
});
var table = parse(array(HazardRow), hazards_default);
var hazardIds = table.map((row) => row.id);
var HazardId = pipe(picklist(hazardIds, "This hazard is not known."), brand("HazardId"));
var asIds = (ids) => ids.map((id) => parse(HazardId, id));
var hazards = table.map((row) => ({
  ...row,
  id: parse(HazardId, row.id),
  groups: asIds(row.groups),
  related: asIds(row.related)
}));
var byId = new Map(hazards.map((hazard) => [hazard.id, hazard]));
function hazardOf(id) {
  const hazard = byId.get(id);
  if (!hazard) throw new Error(`No hazard "${id}" in data/reference/hazards.json`);
  return hazard;
}
function membersOf(group) {
  return hazards.filter((hazard) => hazard.groups.includes(group)).map((hazard) => hazard.id);
}
function bearingOf(found, avoided) {
  return bearings.get(found).get(avoided);
}
function weighBearing(found, avoided) {
  if (found === avoided) return "same";
  const one = hazardOf(found);
  if (one.groups.includes(avoided)) return "same";
  const other = hazardOf(avoided);
  if (other.groups.includes(found)) return "maybe";
  if (other.related.includes(found) || one.related.includes(avoided)) return "related";
  return "none";
}
var bearings = new Map(hazards.map((found) => [found.id, new Map(hazards.map((avoided) => [avoided.id, weighBearing(found.id, avoided.id)]))]));

// data/reference/diets.json
var diets_default = [
  { id: "vegan", name: "vegan", avoids: ["meat", "poultry", "pork", "fish", "crustacean", "mollusc", "gelatine", "other-animal", "milk", "egg", "honey"], source: "No animal product as an ingredient; traces are usually tolerated" },
  { id: "vegetarian", name: "vegetarian", avoids: ["meat", "poultry", "pork", "fish", "crustacean", "mollusc", "gelatine", "other-animal"], source: "No flesh, no gelatine or rennet; milk, egg and honey are eaten" },
  { id: "pescatarian", name: "pescatarian", avoids: ["meat", "poultry", "pork", "gelatine"], source: "Vegetarian, but fish and shellfish are eaten" },
  { id: "no-pork", name: "no pork", avoids: ["pork", "gelatine"], source: "Pork and unnamed gelatine" },
  { id: "no-alcohol", name: "no alcohol", avoids: ["alcohol"], source: "No alcohol, cooked or not" }
];

// packages/core/src/reference/diets.ts
var DietRow = strictObject({ id: string(), name: string(), avoids: array(HazardId), source: string() });
var diets = parse(array(DietRow), diets_default);
var DietId = picklist(diets.map((diet) => diet.id), "This diet is not known.");
function dietOf(id) {
  const diet = diets.find((each) => each.id === id);
  if (!diet) throw new Error(`No diet "${id}" in data/reference/diets.json`);
  return diet;
}

// data/reference/doubts.json
var doubts_default = [
  { id: "nuts-together", hazards: ["tree-nut", "peanut"], why: "shelled nuts are often packed beside other nuts and peanuts", trace: true },
  { id: "seed-line", hazards: ["sesame", "tree-nut", "peanut"], why: "seeds are often packed beside sesame, nuts and peanuts", trace: true },
  { id: "spice-mill", hazards: ["mustard"], why: "ground spices are sometimes milled on shared lines", trace: true },
  { id: "spice-mix", hazards: ["mustard", "celery", "wheat", "sesame"], why: "spice mixtures may hold mustard, celery or sesame, or be stretched with wheat" },
  { id: "milled-beside-wheat", hazards: ["wheat"], why: "it is often milled beside wheat", trace: true },
  { id: "stray-grain", hazards: ["wheat", "barley"], why: "loose pulses often hold stray grains of wheat or barley: sort and rinse", trace: true },
  { id: "oat-gluten", hazards: ["gluten"], why: "oats bring gluten unless they are certified gluten-free", settledBy: "gluten-free" },
  { id: "dried-fruit", hazards: ["sulphites"], why: "dried fruit is often sulphured" },
  { id: "tinned-coconut", hazards: ["sulphites"], why: "tinned and dried coconut may be sulphited" },
  { id: "fruit-syrup", hazards: ["sulphites"], why: "fruit syrups and purees may be sulphited" },
  { id: "frozen-seafood", hazards: ["sulphites"], why: "prawns and other shellfish are often dipped in sulphite" },
  { id: "shellfish-together", hazards: ["mollusc", "fish"], why: "fishmongers handle crustaceans, molluscs and fish on one slab", trace: true },
  { id: "fish-together", hazards: ["crustacean", "mollusc"], why: "fishmongers handle fish and shellfish on one slab", trace: true },
  { id: "wine", hazards: ["sulphites", "other-animal"], why: "wine is sulphited, and may be fined with egg, milk or isinglass" },
  { id: "beer", hazards: ["wheat", "sulphites", "other-animal"], why: "beer may be brewed with wheat and fined with isinglass" },
  { id: "cider", hazards: ["sulphites", "other-animal"], why: "cider is often sulphited, and may be fined with gelatine or isinglass" },
  { id: "wine-vinegar", hazards: ["sulphites"], why: "vinegars of wine and cider are often sulphited" },
  { id: "stock", hazards: ["celery", "wheat", "barley", "milk", "lactose", "soy"], why: "stock cubes and powders often hold celery, wheat, yeast extract from barley, milk or soy" },
  { id: "stock-egg", hazards: ["egg"], why: "chicken stock cubes may hold egg" },
  { id: "stock-meat", hazards: ["meat", "poultry", "fish"], why: "stock that is not named may be of meat, poultry or fish" },
  { id: "loaf", hazards: ["milk", "lactose", "soy", "egg", "sesame"], why: "loaves may hold milk, soy flour or egg, and bakery loaves share tins with seeded ones" },
  { id: "flatbread", hazards: ["milk", "lactose", "sesame"], why: "some flatbreads are made with milk or yoghurt, or sown with seeds" },
  { id: "gf-bread", hazards: ["egg", "milk", "lactose", "soy"], why: "gluten-free bread is often bound with egg and may hold milk or soy" },
  { id: "pastry", hazards: ["milk", "lactose", "egg"], why: "pastry may be made with butter and glazed with egg" },
  { id: "cake", hazards: ["milk", "lactose", "egg", "soy", "tree-nut"], why: "cakes and biscuits usually hold butter, milk or egg, often soy, and may hold nuts" },
  { id: "cake-dairy", hazards: ["milk", "lactose"], why: "most are made with butter or milk" },
  { id: "cracker", hazards: ["milk", "lactose", "sesame", "soy"], why: "crackers may hold milk, soy or seeds" },
  { id: "dried-pasta", hazards: ["egg"], why: "some pasta is made with egg" },
  { id: "fresh-pasta", hazards: ["milk", "lactose", "meat"], why: "fillings may hold cheese or meat" },
  { id: "tortilla", hazards: ["wheat"], why: "tortillas not called maize are usually of wheat" },
  { id: "noodles", hazards: ["wheat", "egg", "gluten"], why: "noodles that are not named are often of wheat, with or without egg" },
  { id: "soba", hazards: ["wheat"], why: "most soba mixes buckwheat with wheat" },
  { id: "wheat-filler", hazards: ["wheat"], why: "some are filled with wheat starch" },
  { id: "starch", hazards: ["wheat"], why: "starch that is not named may be of wheat" },
  { id: "yeast", hazards: ["gluten"], why: "some dried yeasts carry wheat starch or come from a brewery" },
  { id: "yeast-flakes", hazards: ["gluten"], why: "some flakes are grown on or mixed with cereal" },
  { id: "yeast-extract", hazards: ["barley", "gluten"], why: "yeast extract is often made from brewer's yeast" },
  { id: "barley-enzyme", hazards: ["gluten"], why: "some rice drinks are made with barley enzyme", trace: true },
  { id: "butter-lactose", hazards: ["lactose"], why: "butter keeps a little milk sugar" },
  { id: "cultured-lactose", hazards: ["lactose"], why: "fermenting uses up a part of the milk sugar only" },
  { id: "soft-cheese", hazards: ["lactose", "other-animal"], why: "soft cheese keeps milk sugar, and cheese may be set with animal rennet" },
  { id: "rennet", hazards: ["other-animal"], why: "cheese may be set with animal rennet" },
  { id: "aged-cheese", hazards: ["other-animal", "egg"], why: "most aged cheeses are set with animal rennet, some kept with egg lysozyme (E1105)" },
  { id: "lysozyme", hazards: ["egg"], why: "some are preserved with egg lysozyme (E1105)" },
  { id: "spread", hazards: ["milk", "lactose", "soy"], why: "spreads may hold buttermilk or whey, and soy lecithin" },
  { id: "plant-cheese", hazards: ["milk", "lactose", "soy", "cashew", "coconut"], why: "plant cheeses are made from soy, cashew or coconut, and some melting ones hold milk protein" },
  { id: "plant-dessert", hazards: ["soy", "tree-nut", "coconut"], why: "made without milk, it may be of soy, nuts or coconut" },
  { id: "plant-meat", hazards: ["wheat", "soy", "egg", "milk"], why: "meat-free goods are usually of soy or wheat and may be bound with egg or milk" },
  { id: "egg-replacer", hazards: ["wheat", "soy", "milk"], why: "egg replacers may hold wheat, soy or milk" },
  { id: "sausage", hazards: ["wheat", "milk", "soy", "mustard", "celery", "sulphites", "pork"], why: "sausages often hold rusk, and may hold milk, soy, mustard, celery and sulphites" },
  { id: "burger", hazards: ["wheat", "egg", "milk", "soy", "mustard", "celery"], why: "burgers and meatballs are often bound with crumbs, egg or milk" },
  { id: "cured-meat", hazards: ["milk", "lactose", "mustard", "soy"], why: "cured sausage may hold milk powder, milk sugar, mustard or soy" },
  { id: "cured-pork", hazards: ["pork"], why: "most salami is made of pork" },
  { id: "ham", hazards: ["milk", "soy"], why: "ham may be pumped with milk or soy protein" },
  { id: "pate", hazards: ["milk", "egg", "wheat", "alcohol"], why: "p\xE2t\xE9s may hold butter, egg, flour or spirits" },
  { id: "breaded", hazards: ["egg", "milk"], why: "coatings may hold egg or milk" },
  { id: "fried-together", hazards: ["wheat", "milk", "egg", "fish", "crustacean"], why: "shop fryers are shared", trace: true },
  { id: "surimi", hazards: ["crustacean", "egg", "wheat", "soy"], why: "surimi is bound with egg and starch and flavoured with shellfish" },
  { id: "mustard-jar", hazards: ["sulphites", "wheat", "alcohol"], why: "mustards are often sulphited, some thickened with flour or made with wine" },
  { id: "mayo", hazards: ["mustard", "milk"], why: "mayonnaise usually holds mustard, some hold milk" },
  { id: "vegan-mayo", hazards: ["soy", "mustard"], why: "egg-free mayonnaise is often of soy, and usually holds mustard" },
  { id: "dressing", hazards: ["egg", "milk", "mustard", "celery", "soy", "sulphites", "fish"], why: "dressings may hold egg, milk, mustard, celery, soy or anchovy" },
  { id: "condiment", hazards: ["mustard", "celery", "wheat", "soy", "sulphites"], why: "bottled sauces and pickles may hold mustard, celery, flour, soy or sulphites" },
  { id: "ketchup", hazards: ["celery"], why: "ketchups are spiced, some with celery" },
  { id: "pickle", hazards: ["mustard", "sulphites", "celery"], why: "pickles are often spiced with mustard or celery seed and kept with sulphites" },
  { id: "pickled", hazards: ["mustard", "sulphites"], why: "pickling liquor may hold mustard seed and sulphites" },
  { id: "barley-vinegar", hazards: ["barley"], why: "pickles are often in malt vinegar" },
  { id: "malt-vinegar-gluten", hazards: ["gluten"], why: "malt vinegar is brewed from barley; national advice for coeliacs differs", lifts: true, settledBy: "gluten-free" },
  { id: "soy-brew", hazards: ["wheat", "gluten"], why: "tamari is usually brewed without wheat, not always" },
  { id: "miso", hazards: ["barley", "wheat", "gluten"], why: "miso may be brewed on barley, wheat or rice" },
  { id: "asian-sauce", hazards: ["wheat", "sesame", "fish", "mollusc"], why: "such sauces often hold soy sauce with wheat, sesame or fish" },
  { id: "oyster-sauce", hazards: ["wheat", "soy"], why: "oyster sauces are thickened and darkened with soy sauce" },
  { id: "worcester", hazards: ["barley", "gluten"], why: "it is often made with malt vinegar" },
  { id: "curry-paste", hazards: ["crustacean", "fish", "mustard", "celery", "soy"], why: "curry pastes may hold shrimp paste, fish sauce, mustard or celery" },
  { id: "pesto", hazards: ["milk", "lactose", "other-animal", "pine-nut", "cashew", "tree-nut"], why: "pesto usually holds cheese and pine nuts or cashews" },
  { id: "hummus", hazards: ["sulphites"], why: "lemon concentrate may be sulphited" },
  { id: "dip", hazards: ["milk", "lactose", "egg", "mustard", "sesame"], why: "dips may hold yoghurt, mayonnaise or tahini" },
  { id: "gravy", hazards: ["wheat", "milk", "celery", "barley", "soy", "meat"], why: "gravy mixes hold flour or starch, often milk, celery, barley or soy" },
  { id: "soup", hazards: ["celery", "wheat", "milk", "lactose", "soy", "barley"], why: "soups are made on stock, and may be thickened with flour or cream" },
  { id: "ready-meal", hazards: ["wheat", "milk", "egg", "celery", "mustard", "soy", "sulphites"], why: "ready dishes hold many things" },
  { id: "baked-beans", hazards: ["celery"], why: "the sauce is spiced" },
  { id: "chocolate", hazards: ["milk", "lactose", "soy", "tree-nut"], why: "chocolate usually holds lecithin, and dark chocolate often milk; nuts share its line" },
  { id: "chocolate-line", hazards: ["soy", "tree-nut", "peanut"], why: "chocolate usually holds lecithin, and shares its line with nuts" },
  { id: "cocoa-drink", hazards: ["milk", "lactose", "soy"], why: "drinking chocolate may hold milk powder and lecithin" },
  { id: "caramel", hazards: ["milk", "lactose"], why: "caramel and toffee usually hold butter or cream" },
  { id: "sweets", hazards: ["gelatine", "milk", "soy", "wheat", "other-animal"], why: "sweets may hold gelatine, milk, wheat syrup, beeswax or carmine" },
  { id: "sprinkles", hazards: ["other-animal", "wheat", "soy", "milk"], why: "decorations may hold shellac or carmine, starch or milk" },
  { id: "icing", hazards: ["egg", "milk"], why: "icing may be made with egg white or butter" },
  { id: "marzipan", hazards: ["egg", "tree-nut"], why: "some is bound with egg, some made with other kernels" },
  { id: "nut-butter", hazards: ["tree-nut", "peanut"], why: "nut butters are ground on shared mills", trace: true },
  { id: "refined-peanut", hazards: ["peanut"], why: "highly refined oil holds little protein; cold-pressed holds it" },
  { id: "refined-soy", hazards: ["soy"], why: "vegetable oil is often soy oil; highly refined it holds little protein" },
  { id: "ice-cream", hazards: ["egg", "tree-nut", "peanut", "wheat", "soy"], why: "ice cream may hold egg, nuts, wafer or soy, and scoops are shared" },
  { id: "sorbet", hazards: ["egg", "milk"], why: "sorbet may hold egg white or milk" },
  { id: "jelly", hazards: ["gelatine"], why: "jelly is usually set with gelatine" },
  { id: "mincemeat", hazards: ["meat", "wheat", "sulphites", "alcohol", "tree-nut"], why: "mincemeat may hold beef suet rolled in flour, sulphited fruit, brandy or nuts" },
  { id: "suet", hazards: ["wheat"], why: "packed suet is rolled in flour" },
  { id: "custard-powder", hazards: ["milk", "lactose", "egg"], why: "instant custard holds milk powder" },
  { id: "gf-blend", hazards: ["lupin", "soy", "milk", "lactose"], why: "some blends hold lupin or soy flour or milk powder" },
  { id: "gf-starch", hazards: ["wheat"], why: "gluten-free goods may be made with specially treated wheat starch" },
  { id: "cereal", hazards: ["wheat", "barley", "gluten", "oats", "tree-nut", "milk"], why: "breakfast cereals are often of wheat or flavoured with barley malt, and may hold nuts or milk" },
  { id: "malt-flakes", hazards: ["barley", "gluten"], why: "flakes of maize and rice are often flavoured with barley malt" },
  { id: "muesli", hazards: ["gluten", "wheat", "tree-nut", "almond", "milk", "sesame", "honey", "sulphites"], why: "mueslis mix grains, nuts, seeds and sulphured fruit" },
  { id: "granola", hazards: ["gluten", "wheat", "tree-nut", "almond", "honey", "milk", "sesame"], why: "granolas mix grains, nuts and seeds, and may be baked with honey" },
  { id: "crisps", hazards: ["milk", "wheat", "soy", "celery", "mustard"], why: "flavoured crisps may hold milk, wheat, soy, celery or mustard" },
  { id: "popcorn", hazards: ["milk"], why: "popcorn sold ready may be buttered" },
  { id: "trail", hazards: ["peanut", "milk", "sulphites"], why: "mixtures may hold peanuts, chocolate and sulphured fruit" },
  { id: "mixed-nuts", hazards: ["peanut"], why: "mixtures of nuts often hold peanuts" },
  { id: "chestnut", hazards: ["tree-nut"], why: "chestnut is a nut by botany and not on the lists of the law; packed beside other nuts" },
  { id: "alcohol-flavour", hazards: ["alcohol"], why: "extracts are often made with alcohol" },
  { id: "liqueur-nut", hazards: ["almond", "tree-nut"], why: "it may be made with almonds or apricot kernels" },
  { id: "liqueur-cream", hazards: ["egg"], why: "some hold egg" },
  { id: "spirit-grain", hazards: ["gluten"], why: "distilled from grain; the law exempts it from naming the grain, flavourings added later are not" },
  { id: "bouillon-fish", hazards: ["crustacean", "mollusc", "celery", "wheat"], why: "fish stocks may hold shellfish, celery and flour" },
  { id: "fish-sauce", hazards: ["crustacean"], why: "some fish sauces are made with shrimp" },
  { id: "kimchi", hazards: ["fish", "crustacean", "wheat"], why: "kimchi is often made with fish sauce or salted shrimp" },
  { id: "gochujang", hazards: ["wheat", "barley"], why: "chilli bean pastes are brewed with wheat, barley or rice" },
  { id: "stuffing", hazards: ["egg", "milk", "celery", "pork"], why: "stuffings are of crumbs, and may hold egg, butter, celery or sausage meat" },
  { id: "dumpling", hazards: ["egg", "soy", "pork", "crustacean", "sesame"], why: "fillings and wrappers vary" },
  { id: "falafel", hazards: ["wheat", "sesame"], why: "falafel may be bound with flour and rolled in sesame" },
  { id: "vegetable-fat", hazards: ["soy", "milk"], why: "shortenings may be of soy, and some hold milk fat" },
  { id: "poppadom", hazards: ["wheat"], why: "some are dusted or mixed with wheat flour" },
  { id: "malt-drink", hazards: ["barley", "milk", "lactose", "soy"], why: "malt drinks hold barley, and often milk" },
  { id: "gelatine-pork", hazards: ["pork"], why: "most gelatine is of pork" },
  { id: "gelatine-fining", hazards: ["gelatine", "other-animal"], why: "juices and vinegars are sometimes fined with gelatine" },
  { id: "horseradish-jar", hazards: ["milk", "egg", "mustard", "sulphites"], why: "jars of horseradish sauce hold cream or egg, mustard and sulphites" },
  { id: "shellfish-together-m", hazards: ["crustacean", "fish"], why: "fishmongers handle molluscs, crustaceans and fish on one slab", trace: true },
  { id: "seafood-mix", hazards: ["crustacean", "fish", "sulphites"], why: "seafood mixtures hold molluscs, usually crustaceans, and may hold fish" },
  { id: "shellfish-word", hazards: ["mollusc"], why: "shellfish means crustaceans first, and often molluscs too" },
  { id: "young-cheese", hazards: ["lactose"], why: "only long-aged cheese is free of milk sugar" },
  { id: "plant-cheese-milk", hazards: ["milk", "lactose"], why: "some cheeses of nuts hold milk protein or dairy cultures" },
  { id: "horchata", hazards: ["almond", "milk"], why: "horchata may be made with almonds or milk" },
  { id: "plant-any", hazards: ["soy", "oats", "gluten", "tree-nut", "coconut"], why: "a plant drink or cream that is not named may be of soy, oats, nuts or coconut" },
  { id: "spread-vegan", hazards: ["milk", "lactose", "soy"], why: "some plant spreads hold buttermilk, and many soy lecithin or soy oil" },
  { id: "non-dairy-creamer", hazards: ["milk", "lactose", "soy"], why: "\u201Cnon-dairy\u201D creamer usually holds casein, a milk protein" },
  { id: "tofu-marinade", hazards: ["wheat", "sesame"], why: "marinades hold soy sauce, and often wheat and sesame" },
  { id: "tempeh-grain", hazards: ["wheat", "barley"], why: "tempeh may be made with grain" },
  { id: "seitan-soy", hazards: ["soy"], why: "seitan is often seasoned with soy sauce" },
  { id: "vegan-chocolate", hazards: ["milk"], why: "chocolate made without milk often shares its line with milk chocolate", trace: true },
  { id: "rye-wheat", hazards: ["wheat", "barley"], why: "rye bread is often mixed with wheat and darkened with malt" },
  { id: "loaf-seed", hazards: ["milk", "soy", "sesame"], why: "loaves may hold milk or soy, and share tins with seeded ones" },
  { id: "enriched", hazards: ["egg", "milk", "lactose", "tree-nut", "almond", "soy"], why: "rich doughs are made with butter and egg, and may hold nuts" },
  { id: "loaf-soy", hazards: ["soy", "milk"], why: "crumbs may hold soy flour or milk" },
  { id: "matzo", hazards: ["egg"], why: "egg matzo is sold beside the plain one" },
  { id: "oatcake", hazards: ["wheat", "milk"], why: "oatcakes may hold wheat flour or butter" },
  { id: "rice-cake", hazards: ["sesame", "milk"], why: "flavoured ones may hold seeds, milk or chocolate", trace: true },
  { id: "rice-cracker", hazards: ["soy", "wheat", "sesame", "crustacean"], why: "rice crackers are glazed with soy sauce and sown with seeds" },
  { id: "pancake", hazards: ["egg", "milk", "lactose"], why: "pancakes are usually made with egg and milk" },
  { id: "amaretti", hazards: ["wheat", "milk", "tree-nut"], why: "they may hold flour, milk or other nuts" },
  { id: "baklava", hazards: ["milk", "lactose", "honey", "pistachio", "walnut", "almond"], why: "made with butter or oil, syrup or honey, and nuts that differ" },
  { id: "pudding", hazards: ["milk", "lactose", "egg", "tree-nut", "almond", "alcohol", "gelatine"], why: "puddings usually hold milk or butter and egg, and may hold nuts, spirits or gelatine" },
  { id: "gf-wheat-starch", hazards: ["gluten"], why: "the gluten is taken out of it to under 20 mg/kg; the wheat is not", lifts: true, settledBy: "gluten-free" },
  { id: "rye-starter", hazards: ["rye"], why: "starters are often fed with rye" },
  { id: "sprinkles-colour", hazards: ["other-animal"], why: "red colours may be carmine" },
  { id: "gf-pasta", hazards: ["egg", "soy"], why: "gluten-free pasta may be bound with egg or soy" },
  { id: "dip-dairy", hazards: ["milk", "lactose"], why: "it is often made with milk, cream or cheese" },
  { id: "gnocchi", hazards: ["egg", "milk"], why: "gnocchi may be bound with egg or hold cheese" },
  { id: "nuts-together-p", hazards: ["tree-nut"], why: "peanuts are often packed beside tree nuts", trace: true },
  { id: "nut-butter-p", hazards: ["tree-nut"], why: "peanut butter is often ground on mills for nuts", trace: true },
  { id: "halva", hazards: ["tree-nut", "milk", "egg", "wheat"], why: "halva may hold pistachios or almonds, and some kinds are of semolina and milk" },
  { id: "mixed-seeds", hazards: ["sesame"], why: "seed mixtures usually hold sesame" },
  { id: "nut-roast", hazards: ["wheat", "egg", "milk", "peanut", "celery"], why: "nut roasts are bound with crumbs and egg" },
  { id: "dukkah", hazards: ["hazelnut", "almond", "pistachio", "tree-nut", "peanut"], why: "dukkah is pounded from seeds and nuts that differ" },
  { id: "praline", hazards: ["hazelnut", "almond", "milk", "peanut"], why: "praline is of hazelnuts or almonds, and may hold milk" },
  { id: "dried-fruit-dark", hazards: ["sulphites"], why: "dark dried fruit is sometimes sulphured, or oiled" },
  { id: "seaweed", hazards: ["crustacean", "mollusc", "fish"], why: "seaweed grows and is dried among small shellfish", trace: true },
  { id: "sumac", hazards: ["wheat"], why: "some sumac is stretched with salt or grain", trace: true },
  { id: "asafoetida", hazards: ["wheat", "gluten"], why: "asafoetida powder is usually mixed with wheat flour" },
  { id: "zaatar", hazards: ["wheat"], why: "some mixtures are stretched with roasted wheat" },
  { id: "furikake", hazards: ["fish", "soy", "wheat", "mustard"], why: "seed seasonings may hold dried fish, soy sauce or mustard" },
  { id: "refined-soy-named", hazards: ["soy"], why: "highly refined soy oil holds little protein; cold-pressed holds it" },
  { id: "rice-vinegar", hazards: ["gluten"], why: "some rice vinegars are made with barley or wheat", trace: true },
  { id: "black-vinegar", hazards: ["wheat", "barley", "gluten"], why: "black vinegar is brewed from grain" },
  { id: "chilli-oil", hazards: ["peanut", "soy", "sesame", "wheat"], why: "chilli oils and crisps may hold peanuts, soybeans or sesame" },
  { id: "soy-stir-fry", hazards: ["soy", "wheat", "mollusc"], why: "sauces of this kind are built on soy sauce, some on the real thing" },
  { id: "dressing-creamy", hazards: ["milk", "lactose", "egg", "mustard", "fish", "other-animal"], why: "creamy dressings hold egg, milk or cheese, and often anchovy" },
  { id: "mayo-salad", hazards: ["egg", "mustard", "milk", "fish"], why: "such salads are bound with mayonnaise or yoghurt" },
  { id: "condiment-herb", hazards: ["sulphites"], why: "jars may hold sulphited lemon or vinegar" },
  { id: "pickled-plain", hazards: ["sulphites"], why: "what is kept in brine or acid may be sulphited", trace: true },
  { id: "tapenade", hazards: ["fish", "sulphites"], why: "tapenade usually holds anchovies" },
  { id: "vegan-pesto", hazards: ["pine-nut", "cashew", "tree-nut", "soy"], why: "pesto without cheese still usually holds pine nuts or cashews, or tofu" },
  { id: "dip-bg", hazards: ["milk", "egg"], why: "some hold yoghurt or mayonnaise" },
  { id: "guacamole", hazards: ["milk", "sulphites", "egg"], why: "ready guacamole may hold cream or mayonnaise" },
  { id: "salsa", hazards: ["sulphites", "celery"], why: "jars may be spiced with celery and sulphited" },
  { id: "satay", hazards: ["soy", "wheat", "fish", "crustacean", "tree-nut", "sesame"], why: "satay sauces hold soy sauce, and may hold shrimp paste or other nuts" },
  { id: "curry-sauce", hazards: ["milk", "lactose", "wheat", "celery", "mustard", "tree-nut", "cashew", "almond", "soy", "fish"], why: "curry sauces may hold cream, yoghurt, ground nuts, flour, mustard or fish sauce" },
  { id: "pasta-sauce", hazards: ["milk", "celery", "lactose", "meat"], why: "jars may hold cheese, celery or meat" },
  { id: "sauce-any", hazards: ["mustard", "celery", "wheat", "soy", "fish", "egg", "milk", "sulphites"], why: "a sauce that is not named may hold many things" },
  { id: "sauce-fruit", hazards: ["sulphites"], why: "fruit sauces may be sulphited, and mint sauce may be in malt vinegar" },
  { id: "celery-only", hazards: ["celery"], why: "stock powders often hold celery" },
  { id: "dashi", hazards: ["soy", "wheat"], why: "dashi powders may hold soy sauce" },
  { id: "mirin", hazards: ["gluten"], why: "some mirin-style seasonings hold grain syrups", trace: true },
  { id: "rice-wine", hazards: ["wheat"], why: "Chinese rice wine is often fermented with wheat" },
  { id: "rice-wine-trace", hazards: ["gluten"], why: "rice wine may be started on other grain", trace: true },
  { id: "tinned-fish", hazards: ["soy", "crustacean"], why: "tinned fish may be in soy oil or vegetable broth", trace: true },
  { id: "dashi-maybe", hazards: ["fish"], why: "miso soup is usually made on fish stock" },
  { id: "dolma", hazards: ["meat", "pine-nut", "sulphites"], why: "vine leaves may be stuffed with meat or pine nuts" },
  { id: "jam", hazards: ["sulphites"], why: "some jams are made from sulphited fruit" },
  { id: "choc-spread", hazards: ["milk", "lactose", "soy", "almond", "peanut"], why: "chocolate spreads hold milk and lecithin" },
  { id: "choc-spread-plain", hazards: ["milk", "lactose", "soy", "hazelnut", "tree-nut"], why: "chocolate spreads usually hold hazelnuts, milk and lecithin" },
  { id: "biscuit-spread", hazards: ["soy", "milk", "tree-nut"], why: "biscuit spreads hold soy, and may hold milk" },
  { id: "choc-mousse", hazards: ["egg", "soy", "tree-nut", "gelatine"], why: "mousses may hold egg and gelatine" },
  { id: "marshmallow", hazards: ["egg"], why: "some are made with egg white" },
  { id: "vegan-marshmallow", hazards: ["soy", "wheat"], why: "set with plant protein or wheat syrup" },
  { id: "nougat", hazards: ["egg", "honey", "almond", "hazelnut", "pistachio", "milk"], why: "nougat is beaten with egg white and honey, around nuts that differ" },
  { id: "turkish", hazards: ["tree-nut", "pistachio", "gelatine", "wheat"], why: "Turkish delight may hold pistachios, starch or gelatine" },
  { id: "set-cream", hazards: ["egg", "gelatine", "wheat"], why: "set creams hold egg or gelatine" },
  { id: "carob", hazards: ["milk", "soy"], why: "carob drops may hold milk powder or lecithin" },
  { id: "tortilla-chips", hazards: ["milk", "wheat", "soy"], why: "flavoured ones may hold cheese or wheat" },
  { id: "prawn-crackers", hazards: ["wheat", "fish"], why: "they may hold flour or fish" },
  { id: "wasabi-peas", hazards: ["wheat", "mustard", "soy"], why: "coatings hold flour, soy sauce and mustard" },
  { id: "chips", hazards: ["wheat", "milk", "egg"], why: "some are dusted with flour or batter, or bound with egg" },
  { id: "fried-snack", hazards: ["wheat", "egg", "milk", "mustard", "soy", "meat", "sesame"], why: "wrappings are usually of wheat, fillings vary" },
  { id: "veg-juice", hazards: ["celery"], why: "vegetable juices often hold celery" },
  { id: "kombucha", hazards: ["alcohol"], why: "fermented tea holds a little alcohol" },
  { id: "wine-free", hazards: ["sulphites", "other-animal"], why: "wine without alcohol is sulphited and fined like other wine" },
  { id: "beer-free", hazards: ["wheat", "alcohol", "sulphites", "other-animal"], why: "beer without alcohol is brewed like other beer, and may keep a little" },
  { id: "gf-beer", hazards: ["wheat", "sulphites", "other-animal"], why: "beer may be brewed with wheat and fined with isinglass" },
  { id: "liqueur", hazards: ["milk", "tree-nut", "egg", "other-animal"], why: "liqueurs are flavoured with many things, some coloured with carmine" },
  { id: "eggnog-alcohol", hazards: ["alcohol"], why: "egg drinks are often made with spirits" },
  { id: "crispbread", hazards: ["rye", "wheat"], why: "crispbread is of rye or wheat" },
  { id: "pulse-pasta", hazards: ["egg"], why: "pasta of pulses and rice may be bound with egg or made beside egg pasta", trace: true },
  { id: "sausage-pork", hazards: ["wheat", "milk", "soy", "mustard", "celery", "sulphites"], why: "sausages often hold rusk, and may hold milk, soy, mustard, celery and sulphites" },
  { id: "gf-beer-gluten", hazards: ["gluten"], why: "the gluten is taken out of it to under 20 mg/kg; the barley is not", lifts: true, settledBy: "gluten-free" },
  { id: "chilli-sauce", hazards: ["sulphites"], why: "chilli sauces are sometimes kept with sulphites" },
  { id: "mac", hazards: ["wheat", "egg", "mustard", "barley"], why: "it is usually made with flour, and often with mustard" },
  { id: "shell-maybe", hazards: ["crustacean", "mollusc", "egg"], why: "sushi may hold shellfish, roe or omelette" }
];

// data/reference/foods/bakery.json
var bakery_default = {
  aisle: "bakery",
  storage: "counter",
  keepsDays: 3,
  kind: "composite",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "bread", name: "bread", aka: ["loaf", "white bread", "wholemeal bread", "brown bread", "sandwich bread", "sliced bread", "crusty bread", "country bread", "farmhouse bread", "stale bread", "sourdough", "sourdough bread", "sourdough loaf", "baguette", "french bread", "french stick", "ciabatta", "focaccia", "garlic bread", "toast", "bloomer", "granary bread", "seeded bread", "bread slice", "white loaf", "cob", "malted bread", "soda bread", "spelt bread", "multigrain bread", "sour dough", "italian bread", "texas toast", "toast point", "bread bowl", "slice of bread", "melba toast", "bruschetta", "crostini"], contains: ["wheat"], doubts: ["loaf"] },
    { id: "rye-bread", name: "rye bread", aka: ["pumpernickel", "rye loaf", "dark rye bread", "rye sourdough"], contains: ["rye"], doubts: ["rye-wheat", "loaf-seed"] },
    { id: "sandwich", name: "sandwich", plural: "sandwiches", aka: ["toastie", "panini", "sub sandwich", "blt", "club sandwich", "toast sandwich", "crostini topped"], contains: ["wheat"], doubts: ["loaf", "ready-meal"] },
    { id: "pie", name: "pie", plural: "pies", aka: ["pudding", "crumble", "steamed pudding", "sponge pudding", "suet pudding", "yorkshire pud", "spotted dick", "jam roly-poly"], contains: ["wheat"], doubts: ["pudding"] },
    { id: "bread-roll", name: "bread roll", plural: "bread rolls", us: "dinner roll", aka: ["bun", "burger bun", "roll", "bap", "barm cake", "hot dog bun", "hamburger bun", "bagel", "english muffin", "crumpet", "soft pretzel", "dinner bun", "hot dog roll", "kaiser roll", "hoagie roll", "teacake", "bao bun", "steamed bun", "mantou"], contains: ["wheat"], doubts: ["loaf"], pieceG: 60 },
    { id: "brioche", name: "brioche", aka: ["brioche bun", "brioche loaf", "brioche roll", "panettone", "pandoro", "babka"], contains: ["wheat", "egg", "milk"], doubts: ["butter-lactose", "enriched"], pieceG: 60 },
    { id: "challah", name: "challah", contains: ["wheat", "egg"], doubts: ["loaf"] },
    { id: "croissant", name: "croissant", plural: "croissants", aka: ["pain au chocolat", "danish pastry", "pain aux raisins"], contains: ["wheat", "milk"], doubts: ["butter-lactose", "enriched"], pieceG: 60 },
    { id: "stollen", name: "stollen", aka: ["cinnamon roll", "hot cross bun", "cinnamon bun", "chelsea bun", "iced bun", "fruit loaf", "teabread"], contains: ["wheat"], doubts: ["enriched"] },
    { id: "flatbread", name: "flatbread", plural: "flatbreads", aka: ["pitta", "pita", "pitta bread", "pita bread", "naan", "naan bread", "lavash", "chapati", "roti", "paratha", "pide", "piadina", "khobez", "turkish bread", "flat bread", "chapatti", "barbari bread", "manakish"], contains: ["wheat"], doubts: ["flatbread"], pieceG: 80 },
    { id: "wheat-tortilla", name: "wheat tortilla", plural: "wheat tortillas", us: "flour tortilla", aka: ["flour tortillas", "wrap", "tortilla wrap", "sandwich wrap", "wholewheat wrap"], contains: ["wheat"], doubts: ["cracker"], pieceG: 60, keepsDays: 14 },
    { id: "corn-tortilla", name: "corn tortilla", plural: "corn tortillas", aka: ["maize tortilla", "taco shell", "tostada", "corn taco shell"], families: ["maize"], doubts: ["milled-beside-wheat"], pieceG: 30, keepsDays: 14 },
    { id: "tortilla", name: "tortilla", plural: "tortillas", aka: ["soft taco", "taco", "burrito wrap"], doubts: ["tortilla", "milled-beside-wheat"], pieceG: 50, keepsDays: 14 },
    { id: "breadcrumbs", name: "fresh breadcrumbs", aka: ["breadcrumb", "breadcrumbs", "bread crumbs", "bread crumb", "white breadcrumbs", "crumbs", "dried breadcrumbs", "dry breadcrumbs", "golden breadcrumbs", "rusk", "rusk crumbs", "cracker meal"], contains: ["wheat"], doubts: ["loaf"], densityGPerMl: 0.2 },
    { id: "panko", name: "panko", aka: ["panko breadcrumbs", "panko crumbs"], contains: ["wheat"], doubts: ["loaf-soy"], densityGPerMl: 0.2, storage: "cupboard", keepsDays: 180 },
    { id: "crouton", name: "crouton", plural: "croutons", aka: ["bread cubes", "stuffing cubes"], contains: ["wheat"], doubts: ["loaf"], storage: "cupboard", keepsDays: 30 },
    { id: "stuffing", name: "stuffing", aka: ["stuffing mix", "sage and onion stuffing"], contains: ["wheat"], doubts: ["stuffing"], storage: "cupboard", keepsDays: 180 },
    { id: "matzo", name: "matzo", us: "matzah", aka: ["matzos", "matzoh", "matzo meal", "matzah meal"], contains: ["wheat"], doubts: ["matzo"], storage: "cupboard", keepsDays: 180 },
    { id: "rye-crispbread", name: "rye crispbread", plural: "rye crispbreads", aka: ["rye cracker"], contains: ["rye"], doubts: ["cracker", "rye-wheat"], storage: "cupboard", keepsDays: 120 },
    { id: "crispbread", name: "crispbread", plural: "crispbreads", aka: ["knackebrod"], contains: ["gluten"], doubts: ["cracker", "crispbread"], storage: "cupboard", keepsDays: 120 },
    { id: "cracker", name: "cracker", plural: "crackers", aka: ["cream cracker", "water biscuit", "saltine", "soda cracker", "cheese biscuit", "savoury biscuit", "cheese cracker", "breadstick", "grissini", "pretzel sticks", "cheese straw", "oyster cracker"], contains: ["wheat"], doubts: ["cracker"], storage: "cupboard", keepsDays: 120 },
    { id: "oatcake", name: "oatcake", plural: "oatcakes", contains: ["oats"], doubts: ["oat-gluten", "oatcake"], storage: "cupboard", keepsDays: 120 },
    { id: "rice-cake", name: "rice cake", plural: "rice cakes", aka: ["puffed rice cake", "rice cracker plain"], doubts: ["rice-cake"], storage: "cupboard", keepsDays: 120 },
    { id: "rice-cracker", name: "rice cracker", plural: "rice crackers", aka: ["japanese rice cracker", "senbei", "arare"], doubts: ["rice-cracker"], storage: "cupboard", keepsDays: 120 },
    { id: "corn-cake", name: "corn cake", plural: "corn cakes", aka: ["puffed corn cake", "lentil cake"], doubts: ["milled-beside-wheat"], storage: "cupboard", keepsDays: 120 },
    { id: "poppadom", name: "poppadom", plural: "poppadoms", us: "papadum", aka: ["papad", "poppadum", "pappadum", "papadam"], families: ["legume"], doubts: ["poppadom"], storage: "cupboard", keepsDays: 120 },
    { id: "pizza-base", name: "pizza base", plural: "pizza bases", us: "pizza crust", aka: ["pizza dough", "bread dough", "dough", "pizza", "pizza slice", "calzone"], contains: ["wheat"], doubts: ["flatbread"] },
    { id: "shortcrust-pastry", name: "shortcrust pastry", us: "pie dough", aka: ["shortcrust", "pastry", "pastry case", "pie crust", "pie shell", "pastry dough", "sweet pastry", "tart shell", "tart case", "pastry shell", "hot water crust pastry", "vol-au-vent", "pastry sheet", "sweet shortcrust pastry", "pate sucree", "rough puff pastry", "pie pastry", "flaky pastry", "choux pastry dough", "crust"], contains: ["wheat"], doubts: ["pastry"], storage: "fridge", keepsDays: 10 },
    { id: "puff-pastry", name: "puff pastry", aka: ["puff pastry sheet", "ready-rolled puff pastry", "all-butter puff pastry"], contains: ["wheat"], doubts: ["pastry"], storage: "fridge", keepsDays: 10 },
    { id: "filo-pastry", name: "filo pastry", us: "phyllo dough", aka: ["filo", "phyllo", "fillo", "filo sheet", "kataifi", "brik pastry", "strudel dough", "phyllo pastry"], contains: ["wheat"], doubts: ["pastry"], storage: "fridge", keepsDays: 10 },
    { id: "choux-pastry", name: "choux pastry", aka: ["profiterole", "eclair", "gougere", "choux bun", "cream puff", "churro"], contains: ["wheat", "egg"], doubts: ["cake-dairy"] },
    { id: "cake", name: "cake", plural: "cakes", aka: ["sponge cake", "sponge", "fruit cake", "fruitcake", "pound cake", "angel food cake", "madeira cake", "christmas cake", "carrot cake", "cupcake", "muffin", "blueberry muffin", "swiss roll", "chocolate cake", "birthday cake", "lemon drizzle", "fairy cake", "cake mix", "cake crumbs", "sponge base", "victoria sponge", "brownie", "blondie", "gingerbread", "banana bread", "cornbread", "skillet cornbread", "corn bread", "parkin", "bundt cake", "madeleine", "battenberg", "rum baba", "linzer torte", "dundee cake", "lamington", "fairy bread", "coffee cake", "traybake", "torte", "fruit tart", "cobbler", "treacle tart", "custard slice", "lemon tart", "bakewell tart", "jam tart"], contains: ["wheat"], doubts: ["cake"], keepsDays: 5 },
    { id: "scone", name: "scone", plural: "scones", aka: ["american biscuit", "buttermilk biscuit", "welsh cake", "drop scone", "scotch pancake", "rock cake"], contains: ["wheat"], doubts: ["cake"] },
    { id: "pancake", name: "pancake", plural: "pancakes", aka: ["crepe", "blini", "blinis", "waffle", "yorkshire pudding", "crumpet pancake", "american pancake", "galette", "pancake mix", "toad in the hole", "waffle mix", "dutch baby"], contains: ["wheat"], doubts: ["pancake"] },
    { id: "doughnut", name: "doughnut", plural: "doughnuts", us: "donut", aka: ["beignet", "berliner", "fritter"], contains: ["wheat"], doubts: ["cake"], keepsDays: 2 },
    { id: "biscuit", name: "biscuit", plural: "biscuits", us: "cookie", aka: ["digestive biscuit", "digestive", "graham cracker", "graham crackers", "cookie crumbs", "shortbread", "rich tea biscuit", "gingernut", "ginger biscuit", "speculoos", "biscotti", "biscuit crumbs", "biscuit base", "chocolate chip cookie", "sandwich cookie", "wafer", "ice cream cone", "waffle cone", "cone", "ice cream wafer", "cantuccini", "butter cookie", "sugar cookie", "florentine", "cookie dough", "lebkuchen", "ginger nut", "ginger snap", "gingersnap", "custard cream", "bourbon biscuit", "tea biscuit", "langue de chat", "tuile", "snickerdoodle"], contains: ["wheat"], doubts: ["cake"], storage: "cupboard", keepsDays: 60 },
    { id: "flapjack", name: "flapjack", plural: "flapjacks", aka: ["oat bar", "granola bar", "cereal bar", "muesli bar", "oat cookie", "oat biscuit"], contains: ["oats"], doubts: ["oat-gluten", "granola", "cake-dairy"], storage: "cupboard", keepsDays: 30 },
    { id: "sponge-finger", name: "sponge finger", plural: "sponge fingers", us: "ladyfinger", aka: ["ladyfingers", "lady finger", "savoiardi", "boudoir biscuit"], contains: ["wheat", "egg"], doubts: ["cake-dairy"], storage: "cupboard", keepsDays: 90 },
    { id: "amaretti", name: "amaretti", aka: ["amaretti biscuit", "macaroon", "macaron", "almond biscuit", "ricciarelli"], contains: ["egg", "almond"], doubts: ["amaretti"], storage: "cupboard", keepsDays: 60 },
    { id: "frangipane", name: "frangipane", aka: ["bakewell tart filling", "financier", "almond cream filling"], contains: ["almond", "egg"], doubts: ["cake-dairy", "starch"] },
    { id: "baklava", name: "baklava", contains: ["wheat", "tree-nut"], doubts: ["baklava"] },
    { id: "quiche", name: "quiche", plural: "quiches", aka: ["flan", "savoury flan", "quiche lorraine"], contains: ["wheat", "egg", "milk", "lactose"] },
    { id: "trifle", name: "trifle", aka: ["tiramisu", "cheesecake", "bread and butter pudding", "bread pudding", "sticky toffee pudding", "christmas pudding", "apple crumble", "crumble topping", "fruit crumble", "apple pie", "lemon meringue pie", "key lime pie", "pumpkin pie"], contains: ["wheat"], doubts: ["pudding"] }
  ]
};

// data/reference/foods/cured-meat.json
var cured_meat_default = {
  aisle: "meat and poultry",
  storage: "fridge",
  keepsDays: 10,
  kind: "composite",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "bacon", name: "bacon", aka: ["streaky bacon", "back bacon", "bacon rasher", "bacon bit", "smoked bacon", "lardons", "lardon", "pancetta", "speck", "guanciale", "gammon", "bacon lardons"], families: ["red-meat"], contains: ["pork"], kind: "plain" },
    { id: "ham", name: "ham", aka: ["cooked ham", "smoked ham", "boiled ham", "sliced ham", "baked ham", "ham slice"], families: ["red-meat"], contains: ["pork"], doubts: ["ham"] },
    { id: "prosciutto", name: "prosciutto", aka: ["parma ham", "serrano ham", "iberico ham", "jamon", "air-dried ham", "dry-cured ham", "bayonne ham", "coppa"], families: ["red-meat"], contains: ["pork"], kind: "plain" },
    { id: "bresaola", name: "bresaola", aka: ["biltong", "beef jerky", "pastrami", "corned beef", "salt beef", "dried beef"], families: ["red-meat"], contains: ["meat"], doubts: ["cured-meat"] },
    { id: "salami", name: "salami", aka: ["salame", "pepperoni", "saucisson", "soppressata", "finocchiona"], contains: ["meat"], doubts: ["cured-pork", "cured-meat"] },
    { id: "chorizo", name: "chorizo", aka: ["nduja", "sobrasada", "cooking chorizo"], contains: ["meat"], doubts: ["cured-pork", "cured-meat"] },
    { id: "mortadella", name: "mortadella", aka: ["bologna", "luncheon meat", "liver sausage", "liverwurst", "leberwurst"], contains: ["meat"], doubts: ["cured-pork", "cured-meat", "ham"] },
    { id: "pork-sausage", name: "pork sausage", plural: "pork sausages", aka: ["cumberland sausage", "lincolnshire sausage", "pig in blanket", "pigs in blankets", "toulouse sausage", "pork chipolata", "pork banger"], contains: ["pork"], doubts: ["sausage-pork"] },
    { id: "sausage", name: "sausage", plural: "sausages", aka: ["chipolata", "banger", "bratwurst", "sausage meat", "sausagemeat", "frankfurter", "hot dog", "hot dog sausage", "italian sausage", "merguez", "boerewurst", "andouille", "kielbasa", "breakfast sausage", "cocktail sausage", "beef sausage", "wiener"], contains: ["meat"], doubts: ["sausage"] },
    { id: "chicken-sausage", name: "chicken sausage", plural: "chicken sausages", aka: ["turkey sausage"], contains: ["poultry"], doubts: ["sausage"] },
    { id: "black-pudding", name: "black pudding", aka: ["blood sausage", "morcilla", "boudin noir", "white pudding"], contains: ["pork"], doubts: ["sausage", "cereal"] },
    { id: "haggis", name: "haggis", aka: ["faggots"], contains: ["meat", "oats"], doubts: ["oat-gluten", "sausage"] },
    { id: "meatball", name: "meatball", plural: "meatballs", aka: ["kofta", "meatloaf", "kofte"], contains: ["meat"], doubts: ["burger"] },
    { id: "burger", name: "burger", plural: "burgers", aka: ["beefburger", "hamburger", "beef burger", "burger patty", "hamburger patty"], contains: ["meat"], doubts: ["burger"] },
    { id: "pate", name: "pate", aka: ["liver pate", "chicken liver pate", "duck pate", "terrine", "rillettes", "potted meat"], contains: ["meat"], doubts: ["pate"] },
    { id: "chicken-nugget", name: "chicken nugget", plural: "chicken nuggets", aka: ["breaded chicken", "chicken goujon", "chicken kiev", "chicken schnitzel"], contains: ["poultry", "wheat"], doubts: ["breaded"] },
    { id: "meat-pie", name: "meat pie", plural: "meat pies", aka: ["pork pie", "sausage roll", "pasty", "cornish pasty", "steak pie", "chicken pie", "cottage pie ready", "pot pie", "steak and kidney pie"], contains: ["wheat", "meat"], doubts: ["pastry", "sausage"] },
    { id: "duck-fat", name: "duck fat", aka: ["goose fat"], contains: ["poultry"], kind: "plain", densityGPerMl: 0.9, keepsDays: 90 },
    { id: "chicken-fat", name: "chicken fat", aka: ["schmaltz"], contains: ["poultry"], kind: "plain", densityGPerMl: 0.9, keepsDays: 60 },
    { id: "lard", name: "lard", aka: ["leaf lard", "pork fat", "pork dripping", "lardo", "fatback"], contains: ["pork"], kind: "plain", densityGPerMl: 0.9, keepsDays: 90 },
    { id: "beef-dripping", name: "beef dripping", aka: ["beef tallow", "tallow", "dripping", "beef fat", "caul fat"], contains: ["meat"], kind: "plain", densityGPerMl: 0.9, keepsDays: 90 },
    { id: "suet", name: "suet", aka: ["beef suet", "shredded suet", "kidney suet"], contains: ["meat"], doubts: ["suet"], kind: "plain", densityGPerMl: 0.5, keepsDays: 90 },
    { id: "vegetable-suet", name: "vegetable suet", aka: ["vegetarian suet"], contains: ["wheat"], densityGPerMl: 0.5, storage: "cupboard", keepsDays: 180 }
  ]
};

// data/reference/foods/dairy-and-eggs.json
var dairy_and_eggs_default = {
  aisle: "dairy and eggs",
  storage: "fridge",
  keepsDays: 10,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "milk", name: "milk", aka: ["whole milk", "full-fat milk", "full fat milk", "semi-skimmed milk", "skimmed milk", "skim milk", "low-fat milk", "2% milk", "fresh milk", "cow's milk", "cows milk", "uht milk", "jersey milk", "raw milk", "breast milk", "warm milk"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1.03, keepsDays: 7 },
    { id: "goats-milk", name: "goat's milk", aka: ["goat milk", "goats milk", "sheep's milk", "sheep milk", "ewe's milk", "buffalo milk", "camel milk"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1.03, keepsDays: 7 },
    { id: "lactose-free-milk", name: "lactose-free milk", aka: ["lactose free milk", "lactofree milk", "filtered lactose-free milk"], families: ["dairy"], contains: ["milk"], densityGPerMl: 1.03 },
    { id: "milk-powder", name: "milk powder", us: "dry milk", aka: ["dried milk", "powdered milk", "skimmed milk powder", "nonfat dry milk", "milk solids", "whole milk powder", "dry milk powder", "instant milk"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 0.5, storage: "cupboard", keepsDays: 180 },
    { id: "condensed-milk", name: "condensed milk", aka: ["sweetened condensed milk"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1.3, storage: "cupboard", keepsDays: 300 },
    { id: "evaporated-milk", name: "evaporated milk", families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1.07, storage: "cupboard", keepsDays: 300 },
    { id: "buttermilk", name: "buttermilk", aka: ["buttermilk powder"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1.03 },
    { id: "cream", name: "double cream", us: "heavy cream", aka: ["cream", "heavy whipping cream", "thick cream", "extra thick double cream", "fresh cream", "dairy cream", "pouring cream"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 0.99 },
    { id: "single-cream", name: "single cream", us: "light cream", aka: ["coffee cream", "half-and-half", "half and half", "table cream"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1.01 },
    { id: "whipping-cream", name: "whipping cream", aka: ["whipped cream", "squirty cream", "chantilly cream", "spray cream", "chantilly"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 0.99 },
    { id: "clotted-cream", name: "clotted cream", families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 0.95 },
    { id: "soured-cream", name: "soured cream", us: "sour cream", aka: ["smetana", "crema"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1 },
    { id: "creme-fraiche", name: "creme fraiche", aka: ["half-fat creme fraiche"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1 },
    { id: "lactose-free-cream", name: "lactose-free cream", aka: ["lactose free cream"], families: ["dairy"], contains: ["milk"], densityGPerMl: 0.99 },
    { id: "lactose-free-yoghurt", name: "lactose-free yoghurt", us: "lactose-free yogurt", aka: ["lactose free yoghurt", "lactose free yogurt"], families: ["dairy"], contains: ["milk"], densityGPerMl: 1.03 },
    { id: "yoghurt", name: "yoghurt", us: "yogurt", aka: ["yogourt", "natural yoghurt", "plain yoghurt", "low-fat yoghurt", "live yoghurt", "set yoghurt", "natural yogurt", "plain yogurt", "sheep's yoghurt", "goat's yoghurt", "fruit yoghurt", "vanilla yoghurt"], families: ["dairy"], contains: ["milk"], doubts: ["cultured-lactose"], densityGPerMl: 1.03 },
    { id: "greek-yoghurt", name: "greek yoghurt", us: "greek yogurt", aka: ["strained yoghurt", "strained yogurt", "greek-style yoghurt", "skyr"], families: ["dairy"], contains: ["milk"], doubts: ["cultured-lactose"], densityGPerMl: 1.05 },
    { id: "kefir", name: "kefir", aka: ["milk kefir", "ayran", "lassi", "ymer", "filmjolk"], families: ["dairy"], contains: ["milk"], doubts: ["cultured-lactose"], densityGPerMl: 1.03 },
    { id: "labneh", name: "labneh", aka: ["labne", "raita", "tzatziki", "cacik"], families: ["dairy"], contains: ["milk"], doubts: ["cultured-lactose"], densityGPerMl: 1.05 },
    { id: "quark", name: "quark", aka: ["fromage frais", "fromage blanc", "petit suisse", "curd cheese"], families: ["dairy"], contains: ["milk"], doubts: ["soft-cheese"], densityGPerMl: 1.03 },
    { id: "custard", name: "custard", aka: ["fresh custard", "vanilla custard", "ready-made custard", "creme anglaise", "egg custard"], families: ["dairy"], contains: ["milk", "lactose", "egg"], kind: "composite", densityGPerMl: 1.05 },
    { id: "pastry-cream", name: "pastry cream", aka: ["creme patissiere", "creme pat", "creme diplomat"], families: ["dairy"], contains: ["milk", "lactose", "egg"], doubts: ["starch"], kind: "composite" },
    { id: "butter", name: "butter", aka: ["unsalted butter", "salted butter", "sweet butter", "softened butter", "melted butter", "brown butter", "beurre noisette", "slightly salted butter", "cultured butter", "spreadable butter", "garlic butter", "beurre manie base", "goat butter", "brandy butter"], families: ["dairy"], contains: ["milk"], doubts: ["butter-lactose"], densityGPerMl: 0.91, keepsDays: 60 },
    { id: "ghee", name: "ghee", aka: ["clarified butter", "butter oil", "butter ghee"], families: ["dairy"], contains: ["milk"], densityGPerMl: 0.91, storage: "cupboard", keepsDays: 180 },
    { id: "cheese", name: "cheese", aka: ["grated cheese", "cheese slice", "melting cheese", "semi-hard cheese", "cheese curd", "processed cheese"], families: ["dairy"], contains: ["milk"], doubts: ["rennet", "young-cheese"], densityGPerMl: 0.42, keepsDays: 21 },
    { id: "parmesan", name: "parmesan", aka: ["parmesan cheese", "parmigiano", "parmigiano reggiano", "grana padano", "pecorino", "pecorino romano", "reggiano"], families: ["dairy"], contains: ["milk", "other-animal"], doubts: ["lysozyme"], densityGPerMl: 0.42, keepsDays: 40 },
    { id: "aged-hard-cheese", name: "aged hard cheese", aka: ["aged cheese", "hard cheese", "old cheese", "extra mature cheese", "sbrinz", "vintage cheese", "asiago"], families: ["dairy"], contains: ["milk"], doubts: ["aged-cheese"], densityGPerMl: 0.42, keepsDays: 40 },
    { id: "cheddar", name: "cheddar", aka: ["mature cheddar", "cheddar cheese", "strong cheddar", "red leicester", "double gloucester", "lancashire cheese", "cheshire cheese", "wensleydale", "caerphilly", "colby", "monterey jack", "jack cheese", "american cheese", "cheese string"], families: ["dairy"], contains: ["milk"], doubts: ["rennet", "young-cheese"], densityGPerMl: 0.42, keepsDays: 30 },
    { id: "gruyere", name: "gruyere", aka: ["comte", "emmental", "emmenthal", "swiss cheese", "raclette", "fontina", "gouda", "edam", "jarlsberg", "appenzeller", "beaufort", "provolone", "havarti", "manchego", "manchego cheese", "gouda cheese", "aged gouda", "reblochon", "taleggio", "port salut", "leerdammer", "idiazabal", "tete de moine", "scamorza", "caciocavallo", "kashkaval", "smoked cheese"], families: ["dairy"], contains: ["milk"], doubts: ["rennet", "young-cheese", "lysozyme"], densityGPerMl: 0.42, keepsDays: 30 },
    { id: "mozzarella", name: "mozzarella", aka: ["buffalo mozzarella", "mozzarella ball", "burrata", "bocconcini", "fior di latte", "stracciatella cheese", "mozzarella pearls", "pizza cheese"], families: ["dairy"], contains: ["milk"], doubts: ["soft-cheese"], keepsDays: 7 },
    { id: "feta", name: "feta", aka: ["feta cheese", "greek salad cheese", "bulgarian cheese", "salad cheese"], families: ["dairy"], contains: ["milk"], doubts: ["soft-cheese"], keepsDays: 20 },
    { id: "halloumi", name: "halloumi", aka: ["grilling cheese", "paneer", "queso fresco", "cotija", "queso blanco", "oaxaca cheese", "queso", "panela cheese"], families: ["dairy"], contains: ["milk"], doubts: ["soft-cheese"], keepsDays: 30 },
    { id: "goats-cheese", name: "goat's cheese", aka: ["goat cheese", "goats cheese", "chevre", "sheep's cheese", "crottin", "sheep cheese"], families: ["dairy"], contains: ["milk"], doubts: ["soft-cheese"], keepsDays: 14 },
    { id: "blue-cheese", name: "blue cheese", aka: ["stilton", "gorgonzola", "roquefort", "danish blue", "dolcelatte", "cambozola", "saint agur", "blue stilton"], families: ["dairy"], contains: ["milk"], doubts: ["soft-cheese"], keepsDays: 20 },
    { id: "brie", name: "brie", aka: ["camembert", "epoisses", "vacherin", "saint marcellin", "coulommiers", "limburger", "munster cheese"], families: ["dairy"], contains: ["milk"], doubts: ["soft-cheese"], keepsDays: 14 },
    { id: "ricotta", name: "ricotta", aka: ["cottage cheese", "farmer's cheese", "tvorog", "ricotta salata"], families: ["dairy"], contains: ["milk", "lactose"], doubts: ["rennet"], keepsDays: 7 },
    { id: "cream-cheese", name: "cream cheese", aka: ["soft cheese", "mascarpone", "full-fat soft cheese", "soft white cheese", "cheese spread", "neufchatel", "garlic and herb soft cheese"], families: ["dairy"], contains: ["milk"], doubts: ["soft-cheese"], keepsDays: 14 },
    { id: "roux", name: "roux", contains: ["wheat"], doubts: ["dip-dairy"], kind: "composite" },
    { id: "cheese-sauce", name: "cheese sauce", aka: ["bechamel", "bechamel sauce", "white sauce", "mornay", "mornay sauce", "parsley sauce", "alfredo sauce"], families: ["dairy"], contains: ["milk", "lactose", "wheat"], kind: "composite" },
    { id: "whey", name: "whey", aka: ["liquid whey", "whey powder", "sweet whey"], families: ["dairy"], contains: ["milk", "lactose"], densityGPerMl: 1.02 },
    { id: "whey-protein", name: "whey protein", aka: ["whey protein isolate", "whey protein concentrate", "milk protein", "milk protein powder"], families: ["dairy"], contains: ["milk"], doubts: ["cultured-lactose"], kind: "composite", storage: "cupboard", keepsDays: 180 },
    { id: "dulce-de-leche", name: "dulce de leche", aka: ["confiture de lait", "milk jam", "cajeta"], families: ["dairy"], contains: ["milk", "lactose"], kind: "composite", storage: "cupboard" },
    { id: "ice-cream", name: "ice cream", plural: "ice creams", aka: ["dairy ice cream", "gelato", "vanilla ice cream", "ice-cream", "frozen custard", "kulfi", "soft serve"], families: ["dairy"], contains: ["milk", "lactose"], doubts: ["ice-cream"], kind: "composite", storage: "freezer", keepsDays: 90 },
    { id: "frozen-yoghurt", name: "frozen yoghurt", us: "frozen yogurt", families: ["dairy"], contains: ["milk", "lactose"], doubts: ["ice-cream"], kind: "composite", storage: "freezer", keepsDays: 90 },
    { id: "egg", name: "egg", plural: "eggs", aka: ["free-range egg", "hen's egg", "large egg", "medium egg", "whole egg", "beaten egg", "boiled egg", "hard-boiled egg", "poached egg", "fried egg", "scrambled egg", "duck egg", "quail egg", "egg wash", "goose egg", "liquid egg", "pasteurised egg"], contains: ["egg", "raw-egg"], kind: "single", pieceG: 50, keepsDays: 21 },
    { id: "egg-yolk", name: "egg yolk", plural: "egg yolks", aka: ["yolk", "salted egg yolk"], holds: ["egg"], contains: ["egg", "raw-egg"], kind: "single", pieceG: 17, keepsDays: 2 },
    { id: "egg-white", name: "egg white", plural: "egg whites", aka: ["liquid egg white", "egg white powder", "whipped egg white", "albumen"], holds: ["egg"], contains: ["egg", "raw-egg"], kind: "single", pieceG: 33, keepsDays: 2 },
    { id: "dried-egg", name: "dried egg", aka: ["egg powder", "powdered egg", "dried egg white", "meringue powder", "dried whole egg"], holds: ["egg"], contains: ["egg"], storage: "cupboard", keepsDays: 300 },
    { id: "meringue", name: "meringue", plural: "meringues", aka: ["meringue nest", "pavlova", "meringue shell"], contains: ["egg"], kind: "composite", storage: "cupboard", keepsDays: 30 },
    { id: "omelette", name: "omelette", plural: "omelettes", us: "omelet", aka: ["frittata", "tortilla espanola", "spanish omelette"], contains: ["egg"], doubts: ["dip-dairy"], kind: "composite" }
  ]
};

// data/reference/foods/dried-fruit.json
var dried_fruit_default = {
  aisle: "dried fruit",
  storage: "cupboard",
  keepsDays: 300,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "raisins", name: "raisins", aka: ["raisin", "jumbo raisin"], doubts: ["dried-fruit-dark"], densityGPerMl: 0.6 },
    { id: "sultanas", name: "sultanas", us: "golden raisins", aka: ["sultana"], doubts: ["dried-fruit"], densityGPerMl: 0.6 },
    { id: "currants", name: "currants", us: "zante currants", aka: ["dried currant", "vostizza currant", "currant"], densityGPerMl: 0.6 },
    { id: "dried-apricots", name: "dried apricots", aka: ["dried apricot", "unsulphured apricot", "semi-dried apricot", "soft apricot"], doubts: ["dried-fruit"], pieceG: 8 },
    { id: "prunes", name: "prunes", aka: ["prune", "dried plum"], doubts: ["dried-fruit-dark"], pieceG: 9 },
    { id: "dried-dates", name: "dried dates", aka: ["dried date", "pitted date", "chopped date", "date paste"], doubts: ["dried-fruit-dark"] },
    { id: "dried-figs", name: "dried figs", aka: ["dried fig"], doubts: ["dried-fruit-dark"], pieceG: 15 },
    { id: "dried-cranberries", name: "dried cranberries", aka: ["dried cranberry", "dried cherry", "dried cherries", "dried blueberry", "dried sour cherries", "barberry", "dried barberries", "goji berry", "goji berries"], doubts: ["dried-fruit"] },
    { id: "dried-mango", name: "dried mango", aka: ["dried apple", "dried pineapple", "dried pear", "dried peach", "dried banana", "banana chip", "apple ring", "candied pineapple", "dried papaya"], doubts: ["dried-fruit"] },
    { id: "mixed-dried-fruit", name: "mixed dried fruit", aka: ["dried fruit", "dried mixed fruit", "vine fruit", "luxury dried fruit"], doubts: ["dried-fruit"] },
    { id: "desiccated-coconut", name: "desiccated coconut", us: "shredded coconut", aka: ["coconut flake", "dried coconut", "shredded coconut", "coconut chip", "flaked coconut", "sweetened coconut", "toasted coconut"], contains: ["coconut"], doubts: ["tinned-coconut"], densityGPerMl: 0.35 },
    { id: "sun-dried-tomatoes", name: "sun-dried tomatoes", aka: ["sun-dried tomato", "dried tomato", "sundried tomato", "sunblush tomato", "semi-dried tomato", "sun dried tomatoes in oil"], families: ["nightshade"], doubts: ["dried-fruit"] },
    { id: "dried-mushroom", name: "dried mushrooms", aka: ["dried mushroom", "dried porcini", "porcini", "dried shiitake", "dried wild mushroom", "mushroom powder", "wood ear", "black fungus", "cloud ear"], families: ["mushroom"], kind: "single" },
    { id: "dried-seaweed", name: "dried seaweed", us: "seaweed", aka: ["nori", "kombu", "wakame", "dulse", "kelp", "hijiki", "seaweed", "nori sheet", "laver", "arame", "sea lettuce", "sushi nori", "seaweed flakes"], doubts: ["seaweed"] }
  ]
};

// data/reference/foods/drinks.json
var drinks_default = {
  aisle: "drinks",
  storage: "cupboard",
  keepsDays: 365,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "water", name: "water", aka: ["cold water", "boiling water", "tap water", "hot water", "warm water", "sparkling water", "mineral water", "soda water", "ice water", "club soda", "tepid water", "iced water", "lukewarm water", "kettle water", "filtered water"], densityGPerMl: 1 },
    { id: "pasta-cooking-water", name: "pasta cooking water", us: "pasta water", aka: ["pasta water", "starchy pasta water", "noodle cooking water"], contains: ["wheat"], densityGPerMl: 1 },
    { id: "orange-juice", name: "orange juice", aka: ["juice of orange", "fresh orange juice", "freshly squeezed orange juice"], families: ["citrus"], holds: ["orange"], densityGPerMl: 1.04 },
    { id: "apple-juice", name: "apple juice", aka: ["pear juice", "cloudy apple juice", "pressed apple juice", "sweet cider"], doubts: ["gelatine-fining"], densityGPerMl: 1.04 },
    { id: "fruit-juice", name: "fruit juice", aka: ["pineapple juice", "grapefruit juice", "cranberry juice", "pomegranate juice", "grape juice", "tropical juice", "mango juice", "juice", "passion fruit juice", "clementine juice", "smoothie", "cherry juice", "mango puree", "fruit puree", "juice concentrate", "blackcurrant juice", "apricot nectar"], densityGPerMl: 1.04 },
    { id: "tomato-juice", name: "tomato juice", aka: ["vegetable juice", "carrot juice", "beetroot juice"], families: ["nightshade"], doubts: ["veg-juice"], densityGPerMl: 1.02 },
    { id: "celery-juice", name: "celery juice", holds: ["celery"], contains: ["celery"] },
    { id: "coconut-water", name: "coconut water", contains: ["coconut"], doubts: ["tinned-coconut"], densityGPerMl: 1 },
    { id: "coffee", name: "coffee", aka: ["espresso", "instant coffee", "coffee powder", "ground coffee", "espresso powder", "coffee bean", "instant espresso", "brewed coffee", "filter coffee", "coffee granules", "cold brew"], families: ["caffeine"] },
    { id: "tea", name: "tea", aka: ["black tea", "green tea", "earl grey", "tea bag", "tea leaf", "matcha", "matcha powder", "chai tea", "rooibos", "herbal tea", "chamomile tea", "peppermint tea", "loose-leaf tea", "hibiscus tea", "jasmine tea", "white tea", "oolong", "lapsang souchong", "mint tea", "fruit tea"], families: ["caffeine"] },
    { id: "hot-chocolate", name: "hot chocolate", us: "hot cocoa mix", aka: ["drinking chocolate", "hot chocolate powder", "cocoa mix", "hot cocoa", "chocolate drink powder", "chocolate milk powder"], doubts: ["cocoa-drink"], kind: "composite" },
    { id: "chocolate-milk", name: "chocolate milk", aka: ["milkshake", "strawberry milk", "latte", "cappuccino", "hot milk", "chai latte", "cafe au lait", "banana milk"], contains: ["milk", "lactose"], kind: "composite", storage: "fridge", keepsDays: 5 },
    { id: "malted-milk", name: "malted milk", us: "malted milk powder", aka: ["malted milk powder", "malted milk drink"], contains: ["barley", "wheat", "milk", "lactose"], kind: "composite" },
    { id: "malt-drink", name: "malt drink", aka: ["malted drink", "malt beverage", "cereal coffee", "barley coffee", "barley water", "chicory barley coffee", "malted chocolate drink"], contains: ["barley"], doubts: ["malt-drink"], kind: "composite" },
    { id: "chicory-coffee", name: "chicory coffee", us: "chicory drink", aka: ["dandelion coffee", "chicory root", "chicory powder"] },
    { id: "cola", name: "cola", us: "soda", aka: ["lemonade", "tonic water", "ginger beer", "ginger ale", "fizzy drink", "soft drink", "soda pop", "lemon-lime soda", "root beer", "energy drink", "sparkling apple", "tonic", "orangeade", "cream soda"], kind: "composite" },
    { id: "kombucha", name: "kombucha", doubts: ["kombucha"], kind: "composite" },
    { id: "red-wine", name: "red wine", aka: ["white wine", "wine", "cooking wine", "dry white wine", "rose wine", "sparkling wine", "prosecco", "champagne", "cava", "dry wine", "mulled wine", "dessert wine", "burgundy", "merlot", "rioja", "pinot noir", "chardonnay", "riesling", "sweet wine", "claret", "vin santo", "cooking red wine", "glug of wine", "full-bodied red wine"], contains: ["alcohol"], doubts: ["wine"], densityGPerMl: 0.99 },
    { id: "port", name: "port", aka: ["sherry", "madeira", "marsala", "vermouth", "dry sherry", "ruby port", "fino", "sweet sherry", "dry vermouth", "fortified wine", "marsala wine", "cream sherry", "madeira wine", "pedro ximenez"], contains: ["alcohol"], doubts: ["wine"], densityGPerMl: 1 },
    { id: "alcohol-free-wine", name: "alcohol-free wine", us: "non-alcoholic wine", aka: ["dealcoholised wine", "dealcoholized wine", "non alcoholic wine"], doubts: ["wine-free"], densityGPerMl: 1 },
    { id: "beer", name: "beer", aka: ["lager", "ale", "stout", "porter", "pale ale", "bitter beer", "ipa", "brown ale", "dark beer", "light beer", "pilsner", "craft beer", "belgian ale", "bock", "mild ale", "golden ale", "dark ale"], contains: ["barley", "alcohol"], doubts: ["beer"], densityGPerMl: 1.01 },
    { id: "wheat-beer", name: "wheat beer", aka: ["white beer", "weissbier", "witbier", "hefeweizen"], contains: ["wheat", "barley", "alcohol"], doubts: ["beer"], densityGPerMl: 1.01 },
    { id: "alcohol-free-beer", name: "alcohol-free beer", us: "non-alcoholic beer", aka: ["non alcoholic beer", "low-alcohol beer"], contains: ["barley"], doubts: ["beer-free"], densityGPerMl: 1.01 },
    { id: "gluten-free-beer", name: "gluten-free beer", aka: ["gluten-removed beer", "gluten-reduced beer", "gluten-free lager", "gluten-free ale", "low-gluten beer", "gluten removed beer"], contains: ["barley", "alcohol"], doubts: ["gf-beer", "gf-beer-gluten"], densityGPerMl: 1.01 },
    { id: "cider", name: "cider", us: "hard cider", aka: ["dry cider", "perry", "hard apple cider", "hard cider", "apple cider", "pear cider", "medium cider"], contains: ["alcohol"], doubts: ["cider"], densityGPerMl: 1.01 },
    { id: "brandy", name: "brandy", aka: ["cognac", "calvados", "armagnac", "kirsch", "grappa", "eau de vie", "marc", "apple brandy", "pisco", "cherry brandy", "poire williams"], contains: ["alcohol"], densityGPerMl: 0.95 },
    { id: "rum", name: "rum", aka: ["dark rum", "white rum", "tequila", "mezcal", "cachaca", "spiced rum", "golden rum"], contains: ["alcohol"], densityGPerMl: 0.95 },
    { id: "whisky", name: "whisky", us: "whiskey", aka: ["bourbon", "scotch", "rye whiskey", "bourbon whiskey", "irish whiskey", "scotch whisky", "whisky liqueur"], contains: ["alcohol"], doubts: ["spirit-grain"], densityGPerMl: 0.95 },
    { id: "vodka", name: "vodka", aka: ["gin", "schnapps", "aquavit", "ouzo", "raki", "pastis", "absinthe", "arak", "anise liqueur"], contains: ["alcohol"], doubts: ["spirit-grain"], densityGPerMl: 0.95 },
    { id: "sake", name: "sake", aka: ["soju", "makgeolli"], contains: ["alcohol"], doubts: ["rice-wine-trace"], densityGPerMl: 0.99 },
    { id: "orange-liqueur", name: "orange liqueur", us: "triple sec", aka: ["liqueur", "triple sec", "coffee liqueur", "limoncello", "creme de cassis", "cassis", "elderflower liqueur", "cherry liqueur", "curacao", "herbal liqueur", "sloe gin", "peach schnapps", "bitters", "angostura bitters", "cocktail bitters", "creme de menthe", "aperitif"], contains: ["alcohol"], doubts: ["liqueur"], densityGPerMl: 1.05 },
    { id: "amaretto", name: "amaretto", aka: ["almond liqueur", "noyaux", "amaretto liqueur"], contains: ["alcohol"], doubts: ["liqueur-nut"], densityGPerMl: 1.05 },
    { id: "hazelnut-liqueur", name: "hazelnut liqueur", contains: ["alcohol", "hazelnut"], kind: "composite", densityGPerMl: 1.05 },
    { id: "nocino", name: "nocino", aka: ["walnut liqueur"], contains: ["alcohol", "walnut"], kind: "composite" },
    { id: "cream-liqueur", name: "cream liqueur", us: "irish cream", aka: ["irish cream", "irish cream liqueur"], contains: ["alcohol", "milk", "lactose"], doubts: ["liqueur-cream"], kind: "composite", densityGPerMl: 1.05 },
    { id: "eggnog", name: "eggnog", aka: ["egg nog", "zabaglione cream"], contains: ["egg", "milk", "lactose"], doubts: ["eggnog-alcohol"], kind: "composite" },
    { id: "advocaat", name: "advocaat", aka: ["egg liqueur", "zabaglione", "sabayon"], contains: ["egg", "alcohol"], doubts: ["dip-dairy"], kind: "composite" }
  ]
};

// data/reference/foods/fish.json
var fish_default = {
  aisle: "fish and seafood",
  storage: "fridge",
  keepsDays: 1,
  kind: "single",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "salmon", name: "salmon", aka: ["salmon fillet", "salmon side", "side of salmon", "salmon steak", "wild salmon"], families: ["oily-fish"], contains: ["fish", "raw-fish"], doubts: ["fish-together"] },
    { id: "trout", name: "trout", aka: ["sea trout", "rainbow trout", "arctic char"], families: ["oily-fish"], contains: ["fish", "raw-fish"], doubts: ["fish-together"] },
    { id: "mackerel", name: "mackerel", aka: ["horse mackerel"], families: ["oily-fish"], contains: ["fish", "raw-fish"], doubts: ["fish-together"] },
    { id: "herring", name: "herring", plural: "herrings", aka: ["sprat", "whitebait", "pilchard", "fresh sardine"], families: ["oily-fish"], contains: ["fish", "raw-fish"], doubts: ["fish-together"] },
    { id: "tuna-steak", name: "tuna steak", plural: "tuna steaks", aka: ["fresh tuna", "ahi", "ahi tuna", "yellowfin tuna", "swordfish", "swordfish steak"], families: ["oily-fish"], contains: ["fish", "raw-fish"], doubts: ["fish-together"] },
    { id: "cod", name: "cod", aka: ["cod fillet", "cod loin", "black cod", "skrei", "ling"], families: ["white-fish"], contains: ["fish", "raw-fish"], doubts: ["fish-together"] },
    { id: "haddock", name: "haddock", aka: ["haddock fillet"], families: ["white-fish"], contains: ["fish", "raw-fish"], doubts: ["fish-together"] },
    { id: "white-fish", name: "white fish", aka: ["fish", "fish fillet", "pollock", "pollack", "hake", "coley", "whiting", "halibut", "turbot", "sole", "lemon sole", "dover sole", "plaice", "flounder", "brill", "monkfish", "sea bass", "seabass", "bass", "bream", "sea bream", "snapper", "red snapper", "grouper", "tilapia", "catfish", "perch", "pike", "carp", "john dory", "skate", "gurnard", "red mullet", "mullet", "barramundi", "mahi mahi", "basa", "pangasius", "orange roughy", "zander", "dogfish", "rockfish", "fish steak", "eel"], families: ["white-fish"], contains: ["fish", "raw-fish"], doubts: ["fish-together"] },
    { id: "smoked-salmon", name: "smoked salmon", aka: ["lox", "gravlax", "gravadlax", "cold-smoked salmon"], families: ["oily-fish"], contains: ["fish", "raw-fish"], kind: "plain", keepsDays: 7 },
    { id: "smoked-trout", name: "smoked trout", aka: ["hot-smoked salmon", "smoked mackerel", "kipper", "smoked eel", "bloater", "smoked sprat"], families: ["oily-fish"], contains: ["fish"], kind: "plain", keepsDays: 7 },
    { id: "smoked-haddock", name: "smoked haddock", aka: ["finnan haddie", "smoked cod"], families: ["white-fish"], contains: ["fish", "raw-fish"], kind: "plain", keepsDays: 3 },
    { id: "salt-cod", name: "salt cod", aka: ["bacalao", "bacalhau", "stockfish"], families: ["white-fish"], contains: ["fish"], kind: "plain", keepsDays: 60 },
    { id: "fish-roe", name: "fish roe", aka: ["caviar", "lumpfish roe", "salmon roe", "trout roe", "cod roe", "ikura", "tobiko", "masago", "taramasalata", "bottarga", "keta"], contains: ["fish"], doubts: ["fish-together"], kind: "composite", keepsDays: 7 },
    { id: "prawn", name: "prawn", plural: "prawns", us: "shrimp", aka: ["king prawn", "tiger prawn", "jumbo shrimp", "shrimps", "raw prawn", "cooked prawn", "brown shrimp", "crevette", "dried shrimp", "dried prawn", "potted shrimp"], families: ["shellfish"], contains: ["crustacean", "raw-fish"], doubts: ["frozen-seafood", "shellfish-together"], pieceG: 12 },
    { id: "crab", name: "crab", plural: "crabs", aka: ["crab meat", "crabmeat", "white crab meat", "brown crab meat", "dressed crab", "soft-shell crab", "crab claw", "spider crab"], families: ["shellfish"], contains: ["crustacean"], doubts: ["shellfish-together"] },
    { id: "lobster", name: "lobster", plural: "lobsters", aka: ["langoustine", "crayfish", "crawfish", "scampi", "dublin bay prawn", "lobster tail", "krill"], families: ["shellfish"], contains: ["crustacean", "raw-fish"], doubts: ["shellfish-together"] },
    { id: "mussel", name: "mussel", plural: "mussels", aka: ["green-lipped mussel"], families: ["shellfish"], contains: ["mollusc", "raw-fish"], doubts: ["shellfish-together-m"], pieceG: 15 },
    { id: "oyster", name: "oyster", plural: "oysters", aka: ["rock oyster", "fresh oyster"], families: ["shellfish"], contains: ["mollusc", "raw-fish"], doubts: ["shellfish-together-m"], pieceG: 20 },
    { id: "clam", name: "clam", plural: "clams", aka: ["cockle", "winkle", "whelk", "razor clam", "vongole", "abalone", "periwinkle", "limpet", "conch"], families: ["shellfish"], contains: ["mollusc", "raw-fish"], doubts: ["shellfish-together-m"], pieceG: 10 },
    { id: "scallop", name: "scallop", plural: "scallops", aka: ["king scallop", "queen scallop", "scallop coral"], families: ["shellfish"], contains: ["mollusc", "raw-fish"], doubts: ["shellfish-together-m"], pieceG: 30 },
    { id: "squid", name: "squid", aka: ["calamari", "cuttlefish", "octopus", "baby squid", "baby octopus", "calamari ring"], families: ["shellfish"], contains: ["mollusc", "raw-fish"], doubts: ["shellfish-together-m"] },
    { id: "squid-ink", name: "squid ink", aka: ["cuttlefish ink"], contains: ["mollusc"], kind: "plain", storage: "cupboard", keepsDays: 180 },
    { id: "snail", name: "snail", plural: "snails", aka: ["escargot", "land snail"], families: ["shellfish"], contains: ["mollusc"] },
    { id: "sea-urchin", name: "sea urchin", plural: "sea urchins", aka: ["sea cucumber", "jellyfish"], families: ["shellfish"], contains: ["other-animal"], doubts: ["shellfish-together-m"] },
    { id: "crab-stick", name: "crab stick", plural: "crab sticks", us: "imitation crab", aka: ["surimi", "seafood stick", "ocean stick", "imitation crab meat", "kani"], contains: ["fish"], doubts: ["surimi"], kind: "composite", keepsDays: 7 },
    { id: "fish-finger", name: "fish finger", plural: "fish fingers", us: "fish stick", aka: ["fish cake", "fishcake", "breaded fish", "battered fish", "fish goujon", "scampi in breadcrumbs", "breaded scampi"], contains: ["fish", "wheat"], doubts: ["breaded", "fried-together"], kind: "composite", storage: "freezer", keepsDays: 90 },
    { id: "seafood", name: "seafood", aka: ["seafood mix", "mixed seafood", "fruits de mer", "seafood cocktail"], families: ["shellfish"], contains: ["mollusc"], doubts: ["seafood-mix"], kind: "composite" },
    { id: "shellfish", name: "shellfish", families: ["shellfish"], contains: ["crustacean"], doubts: ["shellfish-word"] },
    { id: "fish-pie-mix", name: "fish pie mix", aka: ["fish mix"], contains: ["fish"], doubts: ["fish-together"] },
    { id: "rollmop", name: "rollmop", plural: "rollmops", aka: ["pickled herring", "soused herring", "matjes"], contains: ["fish"], doubts: ["pickled"], kind: "composite", keepsDays: 20 }
  ]
};

// data/reference/foods/flours-and-baking.json
var flours_and_baking_default = {
  aisle: "baking",
  storage: "cupboard",
  keepsDays: 180,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "wheat-flour", name: "plain flour", us: "all-purpose flour", aka: ["flour", "all purpose flour", "wheat flour", "white flour", "cake flour", "pastry flour", "soft flour", "00 flour", '"00" flour', "tipo 00 flour", "type 00 flour", "dusting flour", "enriched flour", "bleached flour", "unbleached flour", "sponge flour", "sauce flour"], families: ["grain"], contains: ["wheat", "raw-flour"], densityGPerMl: 0.53 },
    { id: "strong-wheat-flour", name: "strong white flour", us: "bread flour", aka: ["strong flour", "strong bread flour", "white bread flour", "bread flour", "baker's flour", "high-gluten flour"], families: ["grain"], contains: ["wheat", "raw-flour"], densityGPerMl: 0.55 },
    { id: "self-raising-flour", name: "self-raising flour", us: "self-rising flour", aka: ["self raising flour", "self rising flour", "sr flour"], families: ["grain"], contains: ["wheat", "raw-flour"], densityGPerMl: 0.53 },
    { id: "wholemeal-flour", name: "wholemeal flour", us: "whole wheat flour", aka: ["wholewheat flour", "whole-wheat flour", "graham flour", "brown flour", "atta", "chapati flour", "atta flour", "maida", "granary flour", "malted flour", "white whole wheat flour"], families: ["grain"], contains: ["wheat", "raw-flour"], densityGPerMl: 0.5 },
    { id: "spelt-flour", name: "spelt flour", aka: ["einkorn flour", "emmer flour", "khorasan flour", "kamut flour", "white spelt flour"], families: ["grain"], contains: ["wheat", "raw-flour"], densityGPerMl: 0.5 },
    { id: "rye-flour", name: "rye flour", aka: ["dark rye flour", "light rye flour"], families: ["grain"], contains: ["rye", "raw-flour"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.5 },
    { id: "barley-flour", name: "barley flour", aka: ["bere meal"], families: ["grain"], contains: ["barley", "raw-flour"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.5 },
    { id: "oat-flour", name: "oat flour", aka: ["oatmeal flour"], families: ["grain"], contains: ["oats"], doubts: ["oat-gluten"], densityGPerMl: 0.4 },
    { id: "semolina", name: "semolina", aka: ["durum wheat semolina", "semolina flour", "durum flour", "rava", "sooji", "suji", "fine semolina", "semola"], families: ["grain"], contains: ["wheat", "raw-flour"], densityGPerMl: 0.7 },
    { id: "wheat-germ", name: "wheat germ", aka: ["wheatgerm", "wheat bran", "bran", "bran flakes plain"], families: ["grain"], contains: ["wheat"], densityGPerMl: 0.35 },
    { id: "oat-bran", name: "oat bran", families: ["grain"], contains: ["oats"], doubts: ["oat-gluten"], densityGPerMl: 0.4 },
    { id: "wheat-gluten", name: "wheat gluten", aka: ["vital wheat gluten", "gluten flour"], families: ["grain"], contains: ["wheat"], densityGPerMl: 0.5 },
    { id: "wheat-starch", name: "wheat starch", families: ["grain"], contains: ["wheat"], densityGPerMl: 0.5 },
    { id: "gluten-free-wheat-starch", name: "gluten-free wheat starch", aka: ["codex wheat starch", "special wheat starch", "deglutenised wheat starch"], families: ["grain"], contains: ["wheat"], doubts: ["gf-wheat-starch"], densityGPerMl: 0.5 },
    { id: "rice-flour", name: "rice flour", aka: ["brown rice flour", "glutinous rice flour", "ground rice", "sweet rice flour", "mochiko", "white rice flour"], families: ["grain"], densityGPerMl: 0.6 },
    { id: "buckwheat-flour", name: "buckwheat flour", doubts: ["milled-beside-wheat"], densityGPerMl: 0.55 },
    { id: "gram-flour", name: "gram flour", us: "chickpea flour", aka: ["besan", "garbanzo flour", "chana flour", "lentil flour", "pea flour", "lentil flour", "urad flour", "fava bean flour", "bean flour"], families: ["legume"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.45 },
    { id: "soya-flour", name: "soya flour", us: "soy flour", aka: ["kinako"], families: ["legume"], contains: ["soy"], densityGPerMl: 0.5 },
    { id: "lupin-flour", name: "lupin flour", aka: ["lupine flour", "lupini flour"], families: ["legume"], contains: ["lupin"], densityGPerMl: 0.5 },
    { id: "coconut-flour", name: "coconut flour", contains: ["coconut"], densityGPerMl: 0.45 },
    { id: "almond-flour", name: "almond flour", aka: ["defatted almond flour"], families: ["nut"], holds: ["almonds"], contains: ["almond"], doubts: ["nuts-together"], densityGPerMl: 0.42 },
    { id: "chestnut-flour", name: "chestnut flour", doubts: ["chestnut"], densityGPerMl: 0.5 },
    { id: "teff-flour", name: "teff flour", aka: ["sorghum flour", "millet flour", "quinoa flour", "amaranth flour", "jowar flour", "ragi flour", "fonio flour"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.55 },
    { id: "tapioca-flour", name: "tapioca flour", aka: ["tapioca starch", "cassava flour", "manioc flour", "tapioca", "tapioca pearls", "gari", "arrowroot starch"], families: ["root"], densityGPerMl: 0.5 },
    { id: "potato-starch", name: "potato starch", aka: ["potato flour", "potato starch flour", "instant mash plain"], families: ["nightshade"], densityGPerMl: 0.65 },
    { id: "cornflour", name: "cornflour", us: "cornstarch", aka: ["corn starch", "maize starch", "corn flour", "maize flour", "maizena"], families: ["maize"], densityGPerMl: 0.54 },
    { id: "cornmeal", name: "fine cornmeal", aka: ["cornmeal", "polenta", "grits", "corn grits", "instant polenta", "coarse cornmeal", "yellow cornmeal", "corn meal"], families: ["maize", "grain"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.65 },
    { id: "masa-harina", name: "masa harina", aka: ["masa", "nixtamalised maize flour"], families: ["maize"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.5 },
    { id: "arrowroot", name: "arrowroot", aka: ["arrowroot powder"], densityGPerMl: 0.5 },
    { id: "starch", name: "starch", aka: ["modified starch", "modified food starch", "thickening starch"], doubts: ["starch"], densityGPerMl: 0.55 },
    { id: "gf-flour-blend", name: "gluten-free flour blend", us: "gluten-free flour", aka: ["gluten-free plain flour", "gluten-free self-raising flour", "gluten-free bread flour", "gf flour"], doubts: ["gf-blend", "gf-starch"], kind: "composite", densityGPerMl: 0.6 },
    { id: "baking-powder", name: "baking powder", doubts: ["wheat-filler"], kind: "composite", densityGPerMl: 0.9 },
    { id: "gluten-free-baking-powder", name: "gluten-free baking powder", aka: ["gf baking powder"], kind: "composite", densityGPerMl: 0.9 },
    { id: "bicarbonate-of-soda", name: "bicarbonate of soda", us: "baking soda", aka: ["bicarb", "bicarbonate", "sodium bicarbonate", "soda bicarbonate"], densityGPerMl: 1.1 },
    { id: "cream-of-tartar", name: "cream of tartar", densityGPerMl: 0.95 },
    { id: "bakers-ammonia", name: "baker's ammonia", aka: ["ammonium bicarbonate", "hartshorn"], densityGPerMl: 0.8 },
    { id: "dried-yeast", name: "dried yeast", aka: ["instant yeast", "fast-action yeast", "active dry yeast", "easy-bake yeast", "dry yeast", "yeast", "quick yeast"], doubts: ["yeast"], densityGPerMl: 0.65 },
    { id: "fresh-yeast", name: "fresh yeast", aka: ["baker's yeast", "compressed yeast"], doubts: ["yeast"], storage: "fridge", keepsDays: 14 },
    { id: "sourdough-starter", name: "sourdough starter", aka: ["levain", "starter", "mother dough", "poolish", "biga"], contains: ["wheat"], doubts: ["rye-starter"], kind: "composite", storage: "fridge", keepsDays: 14 },
    { id: "nutritional-yeast", name: "nutritional yeast flakes", aka: ["nutritional yeast", "nooch"], doubts: ["yeast-flakes"], densityGPerMl: 0.2 },
    { id: "psyllium", name: "psyllium husk", aka: ["psyllium", "psyllium powder", "ispaghula"], densityGPerMl: 0.35 },
    { id: "xanthan-gum", name: "xanthan gum", aka: ["guar gum", "xanthan", "locust bean gum"], densityGPerMl: 0.7 },
    { id: "gelatine", name: "gelatine", us: "gelatin", aka: ["leaf gelatine", "gelatine leaf", "powdered gelatine", "gelatine powder", "sheet gelatin", "gelatine sheet", "beef gelatine", "gelatin powder"], contains: ["gelatine"], doubts: ["gelatine-pork"], pieceG: 2 },
    { id: "agar", name: "agar", aka: ["agar-agar", "agar agar", "agar powder", "agar flakes", "vegetarian gelatine", "vege-gel", "carrageen moss", "irish moss"], densityGPerMl: 0.6 },
    { id: "pectin", name: "pectin", aka: ["liquid pectin", "jam sugar pectin", "powdered pectin"], densityGPerMl: 0.7 },
    { id: "custard-powder", name: "custard powder", aka: ["instant pudding mix", "vanilla pudding powder", "blancmange powder"], doubts: ["custard-powder"], kind: "composite", densityGPerMl: 0.55 },
    { id: "cocoa-powder", name: "cocoa powder", aka: ["cocoa", "unsweetened cocoa", "dutch-process cocoa", "raw cacao", "cacao powder", "cacao", "unsweetened cocoa powder"], densityGPerMl: 0.45 },
    { id: "cacao-nibs", name: "cacao nibs", aka: ["cocoa nibs", "cocoa beans"], densityGPerMl: 0.6 },
    { id: "vanilla-extract", name: "vanilla extract", aka: ["vanilla essence", "vanilla", "vanilla paste", "vanilla bean paste", "vanilla flavouring", "vanilla bean extract"], doubts: ["alcohol-flavour"], densityGPerMl: 0.88 },
    { id: "vanilla-pod", name: "vanilla pod", plural: "vanilla pods", us: "vanilla bean", aka: ["vanilla powder", "vanilla seed"], kind: "single", pieceG: 3 },
    { id: "almond-extract", name: "almond extract", aka: ["almond essence", "almond flavouring"], contains: ["almond"], doubts: ["alcohol-flavour"], kind: "composite", densityGPerMl: 0.9 },
    { id: "peppermint-extract", name: "peppermint extract", aka: ["lemon extract", "orange extract", "peppermint essence", "rum flavouring", "lemon essence", "coffee extract"], doubts: ["alcohol-flavour"], kind: "composite", densityGPerMl: 0.9 },
    { id: "orange-blossom-water", name: "orange blossom water", us: "orange flower water", aka: ["orange flower water", "rose water", "rosewater", "kewra water"], densityGPerMl: 1 },
    { id: "food-colouring", name: "food colouring", us: "food coloring", aka: ["food colour", "gel colour", "red food colouring", "food dye", "colouring paste"], doubts: ["sprinkles-colour"], kind: "composite" },
    { id: "sprinkles", name: "sprinkles", aka: ["hundreds and thousands", "sugar strands", "edible glitter", "cake decoration", "silver balls", "sugar pearls", "nonpareils"], doubts: ["sprinkles"], kind: "composite" },
    { id: "ready-icing", name: "ready icing", us: "frosting", aka: ["icing", "fondant icing", "royal icing", "buttercream", "frosting", "ready-to-roll icing", "fondant", "glaze icing"], doubts: ["icing"], kind: "composite" },
    { id: "marzipan", name: "marzipan", aka: ["almond paste"], contains: ["almond"], doubts: ["marzipan"], kind: "composite" },
    { id: "candied-peel", name: "candied peel", us: "candied citrus peel", aka: ["mixed peel", "glace cherry", "glace cherries", "candied fruit", "candied cherry", "crystallised ginger", "stem ginger", "candied orange peel", "crystallised fruit", "candied ginger", "glace fruit", "maraschino cherry", "maraschino cherries"], doubts: ["dried-fruit"], kind: "composite" },
    { id: "mincemeat", name: "mincemeat", aka: ["mince pie filling", "mince pie", "fruit mincemeat"], doubts: ["mincemeat"], kind: "composite" },
    { id: "vegetable-shortening", name: "vegetable shortening", us: "shortening", aka: ["vegetable fat", "white vegetable fat", "solid vegetable fat", "vegetable shortening block"], doubts: ["vegetable-fat"], densityGPerMl: 0.9 },
    { id: "cocoa-butter", name: "cocoa butter", aka: ["cacao butter"], densityGPerMl: 0.9 },
    { id: "breadcrumb-coating", name: "breadcrumb coating", aka: ["batter mix", "tempura flour", "breading", "tempura batter", "batter", "coating mix", "seasoned flour", "panade", "tempura"], contains: ["wheat"], doubts: ["breaded"], kind: "composite" },
    { id: "gf-breadcrumbs", name: "gluten-free breadcrumbs", aka: ["gluten-free crumbs", "gf breadcrumbs"], doubts: ["gf-bread", "gf-starch"], kind: "composite", densityGPerMl: 0.3, keepsDays: 90 },
    { id: "gluten-free-bread", name: "gluten-free bread", aka: ["gf bread", "gluten-free loaf", "gluten-free roll", "gluten-free wrap", "gluten-free pitta"], doubts: ["gf-bread", "gf-starch"], kind: "composite", keepsDays: 5 },
    { id: "rice-pasta", name: "rice pasta", aka: ["corn pasta", "lentil pasta", "chickpea pasta", "maize pasta", "pea pasta", "quinoa pasta", "red lentil pasta", "black bean pasta"], doubts: ["pulse-pasta"], kind: "composite" },
    { id: "gluten-free-pasta", name: "gluten-free pasta", aka: ["gf pasta", "gluten-free spaghetti", "gluten-free penne", "gluten-free lasagne", "gluten-free noodles"], doubts: ["gf-pasta", "gf-starch"], kind: "composite" },
    { id: "gluten-free-biscuits", name: "gluten-free biscuits", us: "gluten-free cookies", aka: ["gluten-free cookie", "gluten-free biscuit", "gluten-free cake", "gluten-free crackers"], doubts: ["cake", "gf-starch"], kind: "composite" },
    { id: "gluten-free-pastry", name: "gluten-free pastry", aka: ["gluten-free shortcrust", "gluten-free puff pastry"], doubts: ["pastry", "gf-starch"], kind: "composite" }
  ]
};

// data/reference/foods/fresh-herbs.json
var fresh_herbs_default = {
  aisle: "fruit and vegetables",
  storage: "fridge",
  keepsDays: 5,
  kind: "single",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "parsley", name: "parsley", aka: ["flat-leaf parsley", "flat leaf parsley", "curly parsley", "italian parsley", "parsley leaf", "parsley stalk", "root parsley"], families: ["herb", "umbellifer"] },
    { id: "coriander", name: "coriander", us: "cilantro", aka: ["fresh coriander", "coriander leaf", "coriander root", "coriander stalk"], families: ["herb", "umbellifer"] },
    { id: "basil", name: "basil", aka: ["fresh basil", "basil leaf", "thai basil", "holy basil"], families: ["herb"] },
    { id: "mint", name: "mint", aka: ["fresh mint", "mint leaf", "spearmint", "peppermint"], families: ["herb"] },
    { id: "dill", name: "dill", aka: ["fresh dill", "dill fronds", "dill weed", "dillweed"], families: ["herb", "umbellifer"] },
    { id: "chives", name: "chives", aka: ["chive", "fresh chives"], families: ["herb", "allium"] },
    { id: "thyme", name: "thyme", aka: ["fresh thyme", "thyme leaf", "lemon thyme", "thyme sprig"], families: ["herb"] },
    { id: "rosemary", name: "rosemary", aka: ["fresh rosemary", "rosemary sprig"], families: ["herb"] },
    { id: "sage", name: "sage", aka: ["fresh sage", "sage leaf"], families: ["herb"] },
    { id: "oregano", name: "oregano", aka: ["fresh oregano", "marjoram", "fresh marjoram"], families: ["herb"] },
    { id: "tarragon", name: "tarragon", aka: ["fresh tarragon"], families: ["herb", "daisy"] },
    { id: "chervil", name: "chervil", aka: ["lovage", "sweet cicely", "angelica"], families: ["herb", "umbellifer"] },
    { id: "bay-leaf", name: "bay leaf", plural: "bay leaves", aka: ["bay", "fresh bay leaf"], families: ["herb"] },
    { id: "curry-leaf", name: "curry leaf", plural: "curry leaves", aka: ["fresh curry leaf"], families: ["herb"] },
    { id: "lime-leaf", name: "lime leaf", plural: "lime leaves", aka: ["makrut lime leaf", "kaffir lime leaf"], families: ["herb", "citrus"] },
    { id: "lemongrass", name: "lemongrass", aka: ["lemon grass", "lemongrass stalk"], families: ["herb"], pieceG: 20, keepsDays: 14 },
    { id: "ginger", name: "ginger", aka: ["fresh ginger", "root ginger", "ginger root", "fresh root ginger", "young ginger"], families: ["root"], keepsDays: 21 },
    { id: "galangal", name: "galangal", aka: ["fresh galangal"], families: ["root"], keepsDays: 21 },
    { id: "fresh-turmeric", name: "fresh turmeric", aka: ["turmeric root"], families: ["root"], keepsDays: 21 },
    { id: "lemon-balm", name: "lemon balm", aka: ["lemon verbena", "hyssop", "savory", "summer savory", "winter savory", "borage", "salad burnet", "shiso", "perilla", "epazote", "vietnamese mint", "culantro", "sawtooth herb"], families: ["herb"] },
    { id: "herbs", name: "herbs", aka: ["fresh herbs", "mixed fresh herbs", "soft herbs", "woody herbs", "bouquet garni", "mixed herbs", "fines herbes", "garden herbs", "herb"], families: ["herb"] }
  ]
};

// data/reference/foods/frozen.json
var frozen_default = {
  aisle: "frozen",
  storage: "freezer",
  keepsDays: 180,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "frozen-peas", name: "frozen peas", aka: ["frozen petits pois"], families: ["legume"] },
    { id: "frozen-vegetables", name: "frozen vegetables", us: "frozen mixed vegetables", aka: ["frozen spinach", "frozen sweetcorn", "frozen broad beans", "frozen broccoli", "frozen mixed vegetables", "stir-fry vegetables", "vegetable mix", "frozen green beans", "mixed vegetables"] },
    { id: "frozen-berries", name: "frozen berries", aka: ["frozen raspberries", "frozen blueberries", "frozen fruit", "frozen mango", "frozen mixed berries", "frozen cherries", "frozen strawberries"], families: ["berry"] },
    { id: "oven-chips", name: "oven chips", us: "frozen french fries", aka: ["chip", "french fry", "fries", "french fries", "hash brown", "potato wedge", "frozen chips", "potato waffle", "tater tot", "hash browns", "tater tots", "sweet potato fries", "potato croquette", "roast potato ready", "croquette", "rosti"], families: ["nightshade"], doubts: ["chips"], kind: "composite" },
    { id: "sorbet", name: "sorbet", aka: ["fruit sorbet", "lemon sorbet", "granita", "ice lolly", "popsicle", "mango sorbet", "water ice", "raspberry sorbet"], doubts: ["sorbet"], kind: "composite" },
    { id: "ice", name: "ice", aka: ["ice cube", "crushed ice"] },
    { id: "spring-roll", name: "spring roll", plural: "spring rolls", us: "egg roll", aka: ["samosa", "pakora", "bhaji", "onion bhaji", "vegetable samosa", "arancini", "empanada", "bhajia", "borek", "spanakopita", "vegetable spring roll"], doubts: ["fried-snack"], kind: "composite" },
    { id: "dumpling", name: "dumpling", plural: "dumplings", us: "potsticker", aka: ["gyoza", "dim sum", "potsticker", "momo", "mandu", "wontons in soup", "suet dumpling", "shumai", "siu mai", "xiao long bao"], contains: ["wheat"], doubts: ["dumpling"], kind: "composite" }
  ]
};

// data/reference/foods/fruit.json
var fruit_default = {
  aisle: "fruit",
  storage: "counter",
  keepsDays: 6,
  kind: "single",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "lemon", name: "lemon", plural: "lemons", aka: ["unwaxed lemon", "meyer lemon", "lemon zest", "lemon peel", "zest of lemon", "lemon wedge", "lemon slice", "amalfi lemon"], families: ["citrus"], pieceG: 100, keepsDays: 21 },
    { id: "lime", name: "lime", plural: "limes", aka: ["lime zest", "lime wedge", "key lime"], families: ["citrus"], pieceG: 65, keepsDays: 21 },
    { id: "orange", name: "orange", plural: "oranges", aka: ["orange zest", "orange peel", "blood orange", "navel orange", "seville orange", "orange segment"], families: ["citrus"], pieceG: 180, keepsDays: 14 },
    { id: "clementine", name: "clementine", plural: "clementines", aka: ["tangerine", "mandarin", "mandarin orange", "satsuma"], families: ["citrus"], pieceG: 75, keepsDays: 10 },
    { id: "grapefruit", name: "grapefruit", plural: "grapefruits", aka: ["pink grapefruit", "red grapefruit"], families: ["citrus"], pieceG: 300, keepsDays: 14 },
    { id: "pomelo", name: "pomelo", plural: "pomelos", aka: ["pummelo"], families: ["citrus"], pieceG: 600 },
    { id: "kumquat", name: "kumquat", plural: "kumquats", aka: ["calamansi", "yuzu", "yuzu zest", "bergamot", "citron", "buddha's hand"], families: ["citrus"], pieceG: 15 },
    { id: "apple", name: "apple", plural: "apples", aka: ["cooking apple", "eating apple", "bramley", "dessert apple", "granny smith", "tart apple", "sharp apple", "crisp apple", "crab apple"], families: ["pome"], pieceG: 150, keepsDays: 30 },
    { id: "pear", name: "pear", plural: "pears", aka: ["conference pear", "firm pear", "asian pear", "nashi", "nashi pear"], families: ["pome"], pieceG: 170 },
    { id: "quince", name: "quince", plural: "quinces", aka: ["medlar"], families: ["pome"], pieceG: 250 },
    { id: "plum", name: "plum", plural: "plums", aka: ["damson", "greengage", "mirabelle", "sloe", "victoria plum"], families: ["stone-fruit"], pieceG: 60 },
    { id: "peach", name: "peach", plural: "peaches", aka: ["white peach", "flat peach"], families: ["stone-fruit"], pieceG: 150 },
    { id: "nectarine", name: "nectarine", plural: "nectarines", families: ["stone-fruit"], pieceG: 140 },
    { id: "apricot", name: "apricot", plural: "apricots", aka: ["fresh apricot"], families: ["stone-fruit"], pieceG: 40 },
    { id: "cherry", name: "cherry", plural: "cherries", aka: ["sweet cherry", "sour cherry", "morello cherry"], families: ["stone-fruit"], pieceG: 8, storage: "fridge", keepsDays: 4 },
    { id: "strawberry", name: "strawberry", plural: "strawberries", families: ["berry"], pieceG: 15, storage: "fridge", keepsDays: 3 },
    { id: "raspberry", name: "raspberry", plural: "raspberries", families: ["berry"], pieceG: 4, storage: "fridge", keepsDays: 2 },
    { id: "blackberry", name: "blackberry", plural: "blackberries", aka: ["bramble", "loganberry", "tayberry", "boysenberry", "mulberry", "cloudberry"], families: ["berry"], pieceG: 5, storage: "fridge", keepsDays: 2 },
    { id: "blueberry", name: "blueberry", plural: "blueberries", aka: ["bilberry", "huckleberry", "acai", "acai berry"], families: ["berry"], pieceG: 1.5, storage: "fridge", keepsDays: 5 },
    { id: "cranberry", name: "cranberry", plural: "cranberries", aka: ["lingonberry", "fresh cranberry"], families: ["berry"], pieceG: 1, storage: "fridge", keepsDays: 21 },
    { id: "gooseberry", name: "gooseberry", plural: "gooseberries", aka: ["physalis", "cape gooseberry"], families: ["berry"], pieceG: 5, storage: "fridge" },
    { id: "redcurrant", name: "redcurrant", plural: "redcurrants", aka: ["white currant", "red currant"], families: ["berry"], storage: "fridge", keepsDays: 4 },
    { id: "blackcurrant", name: "blackcurrant", plural: "blackcurrants", aka: ["black currant"], families: ["berry"], storage: "fridge", keepsDays: 4 },
    { id: "elderberry", name: "elderberry", plural: "elderberries", aka: ["sea buckthorn", "rowan berry", "rosehip", "rose hip", "haw", "aronia"], families: ["berry"], storage: "fridge" },
    { id: "mixed-berries", name: "mixed berries", aka: ["summer fruits", "berries", "berry", "summer berries", "forest fruits", "fruits of the forest", "red berries"], families: ["berry"], storage: "fridge", keepsDays: 3 },
    { id: "grape", name: "grape", plural: "grapes", aka: ["seedless grape", "red grape", "black grape", "green grape", "white grape", "muscat grape"], pieceG: 5, storage: "fridge", keepsDays: 7 },
    { id: "melon", name: "melon", plural: "melons", aka: ["cantaloupe", "honeydew", "honeydew melon", "galia melon", "charentais", "cantaloupe melon"], families: ["gourd"], pieceG: 900 },
    { id: "watermelon", name: "watermelon", plural: "watermelons", families: ["gourd"], pieceG: 3e3 },
    { id: "banana", name: "banana", plural: "bananas", aka: ["ripe banana", "mashed banana"], pieceG: 120 },
    { id: "mango", name: "mango", plural: "mangoes", aka: ["green mango", "alphonso mango"], families: ["tropical-fruit"], pieceG: 250 },
    { id: "pineapple", name: "pineapple", plural: "pineapples", aka: ["fresh pineapple"], families: ["tropical-fruit"], pieceG: 900 },
    { id: "papaya", name: "papaya", plural: "papayas", aka: ["pawpaw", "green papaya"], families: ["tropical-fruit"], pieceG: 400 },
    { id: "kiwi", name: "kiwi", plural: "kiwis", aka: ["kiwi fruit", "kiwifruit", "golden kiwi"], families: ["tropical-fruit"], pieceG: 75 },
    { id: "passion-fruit", name: "passion fruit", plural: "passion fruits", aka: ["passionfruit", "passion fruit pulp", "granadilla"], families: ["tropical-fruit"], pieceG: 20 },
    { id: "pomegranate", name: "pomegranate", plural: "pomegranates", aka: ["pomegranate seed", "pomegranate aril"], pieceG: 250, keepsDays: 21 },
    { id: "fig", name: "fig", plural: "figs", aka: ["fresh fig"], pieceG: 45, storage: "fridge", keepsDays: 3 },
    { id: "date", name: "date", plural: "dates", aka: ["fresh date", "medjool date", "soft date"], pieceG: 15, keepsDays: 60 },
    { id: "lychee", name: "lychee", plural: "lychees", aka: ["longan", "rambutan"], families: ["tropical-fruit"], pieceG: 15, storage: "fridge" },
    { id: "guava", name: "guava", plural: "guavas", aka: ["feijoa", "starfruit", "carambola", "dragon fruit", "pitaya", "mangosteen", "soursop", "cherimoya", "custard apple", "durian", "tamarillo", "prickly pear", "star fruit", "sapodilla"], families: ["tropical-fruit"], pieceG: 100 },
    { id: "persimmon", name: "persimmon", plural: "persimmons", aka: ["sharon fruit", "kaki"], pieceG: 150 },
    { id: "avocado", name: "avocado", plural: "avocados", aka: ["hass avocado", "guacamole avocado"], pieceG: 150, keepsDays: 4 },
    { id: "jackfruit", name: "jackfruit", aka: ["young jackfruit", "green jackfruit", "tinned jackfruit"], families: ["tropical-fruit"] },
    { id: "coconut", name: "coconut", plural: "coconuts", aka: ["fresh coconut", "coconut flesh", "grated coconut", "coconut meat", "young coconut"], families: ["tropical-fruit"], contains: ["coconut"], pieceG: 400 },
    { id: "loquat", name: "loquat", plural: "loquats", aka: ["jujube", "chinese date", "tayberry fruit"], pieceG: 15 },
    { id: "fruit", name: "fruit", aka: ["fresh fruit", "seasonal fruit", "fruit salad", "mixed fruit", "citrus fruit", "soft fruit", "stone fruit", "tropical fruit", "citrus"] }
  ]
};

// data/reference/foods/grains-and-pasta.json
var grains_and_pasta_default = {
  aisle: "grains, pasta and rice",
  storage: "cupboard",
  keepsDays: 300,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "rice", name: "long-grain rice", aka: ["rice", "white rice", "basmati rice", "basmati", "jasmine rice", "thai rice", "cooked rice", "easy-cook rice", "steamed rice", "boiled rice", "american rice", "patna rice"], families: ["grain"], densityGPerMl: 0.8 },
    { id: "brown-rice", name: "brown rice", aka: ["wholegrain rice", "brown basmati rice", "red rice", "black rice", "camargue rice"], families: ["grain"], densityGPerMl: 0.8 },
    { id: "risotto-rice", name: "risotto rice", us: "arborio rice", aka: ["arborio", "carnaroli", "carnaroli rice", "vialone nano", "bomba rice", "paella rice", "calasparra rice"], families: ["grain"], densityGPerMl: 0.82 },
    { id: "sushi-rice", name: "sushi rice", aka: ["short-grain rice", "japanese rice", "glutinous rice", "sticky rice", "sweet rice"], families: ["grain"], densityGPerMl: 0.82 },
    { id: "pudding-rice", name: "pudding rice", aka: ["short grain pudding rice"], families: ["grain"], densityGPerMl: 0.82 },
    { id: "wild-rice", name: "wild rice", families: ["grain"], densityGPerMl: 0.7 },
    { id: "flaked-rice", name: "flaked rice", aka: ["puffed rice", "poha", "beaten rice", "rice flakes"], families: ["grain"], densityGPerMl: 0.2 },
    { id: "quinoa", name: "quinoa", aka: ["red quinoa", "white quinoa", "quinoa flakes"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.75 },
    { id: "millet", name: "millet", aka: ["millet flakes", "sorghum", "teff", "amaranth", "fonio", "job's tears", "canihua"], families: ["grain"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.8 },
    { id: "buckwheat", name: "buckwheat", aka: ["kasha", "buckwheat groats", "roasted buckwheat", "buckwheat flakes", "buckwheat grits"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.75 },
    { id: "bulgur-wheat", name: "bulgur wheat", us: "bulgur", aka: ["bulgar", "bulghur", "bulgar wheat", "cracked wheat", "burghul"], families: ["grain"], contains: ["wheat"], densityGPerMl: 0.75 },
    { id: "couscous", name: "couscous", aka: ["giant couscous", "israeli couscous", "pearl couscous", "wholewheat couscous", "ptitim", "moghrabieh", "fregola", "fregula", "maftoul", "mograbiah"], families: ["grain"], contains: ["wheat"], densityGPerMl: 0.7 },
    { id: "freekeh", name: "freekeh", aka: ["farik", "green wheat"], families: ["grain"], contains: ["wheat"], densityGPerMl: 0.75 },
    { id: "wheat-berries", name: "wheat berries", aka: ["wheat", "wheat grain", "whole wheat", "wholewheat", "wheat flakes", "spelt", "pearled spelt", "farro", "emmer", "einkorn", "khorasan wheat", "kamut", "khorasan", "durum wheat", "durum", "dinkel", "wheat kernel", "puffed wheat", "green spelt", "pearl spelt", "dinkel wheat"], families: ["grain"], contains: ["wheat"], densityGPerMl: 0.8 },
    { id: "pearl-barley", name: "pearl barley", aka: ["barley", "pot barley", "barley flakes", "hulled barley", "barley grain"], families: ["grain"], contains: ["barley"], doubts: ["milled-beside-wheat"], densityGPerMl: 0.85 },
    { id: "rye-grain", name: "rye grain", aka: ["rye", "rye flakes", "rye berries", "chopped rye"], families: ["grain"], contains: ["rye"], doubts: ["milled-beside-wheat"] },
    { id: "triticale", name: "triticale", aka: ["triticale flakes", "triticale flour"], families: ["grain"], contains: ["wheat", "rye"] },
    { id: "rolled-oats", name: "rolled oats", aka: ["oats", "oat", "porridge oats", "oatmeal", "jumbo oats", "steel-cut oats", "pinhead oatmeal", "oat groats", "oat flakes", "quick oats", "instant oats", "old-fashioned oats", "porridge", "medium oatmeal", "fine oatmeal", "scottish oats", "overnight oats", "oat fibre", "oat fiber", "oat bran flakes"], families: ["grain"], contains: ["oats"], doubts: ["oat-gluten"], densityGPerMl: 0.4 },
    { id: "gf-oats", name: "oats certified gluten-free", us: "certified gluten-free oats", aka: ["gluten-free oats", "gluten-free rolled oats", "gluten-free oatmeal", "gluten-free porridge oats"], families: ["grain"], contains: ["oats"], densityGPerMl: 0.4 },
    { id: "dried-pasta", name: "dried pasta", us: "dry pasta", aka: ["pasta", "spaghetti", "macaroni", "penne", "fusilli", "rigatoni", "linguine", "farfalle", "conchiglie", "tagliatelle", "fettuccine", "pappardelle", "lasagne", "lasagna", "lasagne sheet", "lasagna noodle", "cannelloni", "cannelloni tube", "orzo", "ditalini", "bucatini", "angel hair", "capellini", "pasta shell", "elbow macaroni", "ziti", "orecchiette", "pasta bow", "egg-free pasta", "wholewheat pasta", "vermicelli pasta", "fideo", "risoni", "trofie", "spaghettini", "soup pasta", "lasagne verdi", "kritharaki", "stelline", "tubetti", "cavatappi", "gemelli", "garganelli", "mafalda", "pasta sheet", "alphabet pasta"], families: ["grain"], contains: ["wheat"], doubts: ["dried-pasta"] },
    { id: "fresh-pasta", name: "fresh pasta", aka: ["egg pasta", "fresh egg pasta", "fresh lasagne", "fresh tagliatelle", "egg tagliatelle", "spaetzle", "egg lasagne sheet"], contains: ["wheat", "egg"], kind: "composite", storage: "fridge", keepsDays: 7 },
    { id: "filled-pasta", name: "filled pasta", aka: ["ravioli", "tortellini", "tortelloni", "agnolotti", "cappelletti", "pierogi", "maultaschen", "mezzelune", "lasagne ready"], contains: ["wheat"], doubts: ["dried-pasta", "fresh-pasta"], kind: "composite", storage: "fridge", keepsDays: 7 },
    { id: "gnocchi", name: "gnocchi", aka: ["potato gnocchi", "gnocchetti"], contains: ["wheat"], doubts: ["gnocchi"], kind: "composite", storage: "fridge", keepsDays: 20 },
    { id: "egg-noodle", name: "egg noodle", plural: "egg noodles", aka: ["medium egg noodle", "chow mein noodle", "egg thread noodle", "lo mein noodle", "mein noodle"], contains: ["wheat", "egg"], kind: "composite" },
    { id: "wheat-noodle", name: "wheat noodle", plural: "wheat noodles", aka: ["udon", "udon noodle", "ramen", "ramen noodle", "somen", "somen noodle", "instant noodles", "instant noodle", "lamian", "chow mein"], contains: ["wheat"], doubts: ["dried-pasta"], kind: "composite" },
    { id: "soba-noodle", name: "soba noodle", plural: "soba noodles", aka: ["soba", "buckwheat noodle"], doubts: ["soba"], kind: "composite" },
    { id: "noodle", name: "noodle", plural: "noodles", aka: ["stir-fry noodle", "fresh noodle"], doubts: ["noodles"], kind: "composite" },
    { id: "rice-noodle", name: "rice noodle", plural: "rice noodles", aka: ["rice vermicelli", "vermicelli rice noodle", "rice stick", "pad thai noodle", "ho fun", "thin rice noodle", "flat rice noodle", "bun noodle", "pho noodle"] },
    { id: "glass-noodle", name: "glass noodle", plural: "glass noodles", us: "cellophane noodle", aka: ["mung bean noodle", "bean thread noodle", "bean vermicelli", "sweet potato noodle", "dangmyeon", "konjac noodle", "shirataki", "shirataki noodle", "konjac", "kelp noodle"] },
    { id: "vermicelli", name: "vermicelli", contains: ["wheat"], doubts: ["dried-pasta"] },
    { id: "rice-paper", name: "rice paper", aka: ["rice paper wrapper", "summer roll wrapper", "rice paper sheet", "spring roll rice paper"] },
    { id: "wonton-wrapper", name: "wonton wrapper", plural: "wonton wrappers", aka: ["gyoza wrapper", "dumpling wrapper", "spring roll wrapper", "wonton skin", "egg roll wrapper", "potsticker wrapper", "wonton", "spring roll pastry"], contains: ["wheat"], doubts: ["dried-pasta"], kind: "composite", storage: "freezer" },
    { id: "breakfast-cereal", name: "breakfast cereal", aka: ["cereal", "bran flakes", "wheat biscuit cereal", "cereal flakes", "shredded wheat", "wheat flakes cereal"], doubts: ["cereal"], kind: "composite" },
    { id: "cornflakes", name: "cornflakes", us: "corn flakes", aka: ["crisped rice cereal", "puffed rice cereal", "corn flake", "rice crispies", "rice cereal", "crispy rice cereal", "corn cereal"], doubts: ["malt-flakes"], kind: "composite", densityGPerMl: 0.12 },
    { id: "muesli", name: "muesli", contains: ["oats"], doubts: ["oat-gluten", "muesli"], kind: "composite" },
    { id: "granola", name: "granola", contains: ["oats"], doubts: ["oat-gluten", "granola"], kind: "composite" },
    { id: "popping-corn", name: "popping corn", aka: ["popcorn kernels", "popcorn", "popped corn"], families: ["maize"] }
  ]
};

// data/reference/foods/meat.json
var meat_default = {
  aisle: "meat and poultry",
  storage: "fridge",
  keepsDays: 2,
  kind: "single",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "chicken", name: "chicken", plural: "chickens", aka: ["whole chicken", "hen", "boiling fowl", "cornish hen", "capon", "chicken breast", "chicken thigh", "chicken leg", "chicken drumstick", "chicken wing", "chicken fillet", "chicken piece", "roasting chicken", "spatchcock chicken", "cooked chicken", "roast chicken", "poussin", "chicken carcass", "chicken bone", "chicken skin", "chicken schnitzel cut"], contains: ["poultry", "raw-poultry"], pieceG: 1500 },
    { id: "chicken-mince", name: "chicken mince", us: "ground chicken", aka: ["minced chicken"], holds: ["chicken"], contains: ["poultry", "raw-poultry"], keepsDays: 1 },
    { id: "chicken-liver", name: "chicken liver", plural: "chicken livers", aka: ["duck liver", "goose liver"], families: ["offal"], contains: ["poultry", "raw-poultry"], keepsDays: 1 },
    { id: "turkey", name: "turkey", plural: "turkeys", aka: ["turkey breast", "turkey crown", "turkey leg", "turkey thigh", "turkey steak", "whole turkey", "roast turkey"], contains: ["poultry", "raw-poultry"], pieceG: 5e3 },
    { id: "turkey-mince", name: "turkey mince", us: "ground turkey", aka: ["minced turkey"], holds: ["turkey"], contains: ["poultry", "raw-poultry"], keepsDays: 1 },
    { id: "duck", name: "duck", plural: "ducks", aka: ["whole duck", "roast duck"], contains: ["poultry", "raw-poultry"], pieceG: 2e3 },
    { id: "duck-leg", name: "duck leg", plural: "duck legs", holds: ["duck"], contains: ["poultry", "raw-poultry"], pieceG: 300 },
    { id: "duck-breast", name: "duck breast", plural: "duck breasts", aka: ["magret"], holds: ["duck"], contains: ["poultry", "raw-poultry"], pieceG: 200 },
    { id: "confit-duck", name: "confit duck", aka: ["duck confit", "confit duck leg"], holds: ["duck"], contains: ["poultry"], kind: "plain", keepsDays: 30 },
    { id: "goose", name: "goose", aka: ["goose leg", "goose breast", "whole goose"], contains: ["poultry", "raw-poultry"], pieceG: 4500 },
    { id: "guinea-fowl", name: "guinea fowl", aka: ["guinea hen"], contains: ["poultry", "raw-poultry"], pieceG: 1200 },
    { id: "quail", name: "quail", plural: "quails", aka: ["pigeon", "wood pigeon", "squab", "partridge", "grouse", "pheasant", "pheasant breast", "game bird", "ostrich"], contains: ["poultry", "raw-poultry"], pieceG: 180 },
    { id: "beef", name: "beef", aka: ["beef joint", "roast beef", "beef brisket", "brisket", "beef shin", "stewing beef", "stewing steak", "braising steak", "beef steak", "steak", "rump steak", "sirloin", "sirloin steak", "ribeye", "rib-eye steak", "fillet steak", "beef fillet", "topside", "silverside", "short rib", "oxtail", "chuck", "chuck steak", "flank steak", "skirt steak", "beef cheek", "bavette", "rib of beef", "prime rib", "t-bone steak", "entrecote"], families: ["red-meat"], contains: ["meat", "raw-meat"] },
    { id: "beef-mince", name: "beef mince", us: "ground beef", aka: ["minced beef", "steak mince", "hamburger meat", "ground chuck", "mince", "minced meat", "lean mince", "ground meat"], families: ["red-meat"], holds: ["beef"], contains: ["meat", "raw-meat"], keepsDays: 1 },
    { id: "veal", name: "veal", aka: ["veal escalope", "veal shin", "veal chop", "rose veal", "osso buco", "veal mince"], families: ["red-meat"], contains: ["meat", "raw-meat"] },
    { id: "lamb", name: "lamb", aka: ["leg of lamb", "lamb shoulder", "lamb shank", "lamb chop", "lamb cutlet", "noisette of lamb", "lamb noisette", "lamb neck", "rack of lamb", "lamb loin", "mutton", "lamb rump", "lamb fillet", "hogget"], families: ["red-meat"], contains: ["meat", "raw-meat"] },
    { id: "lamb-mince", name: "lamb mince", us: "ground lamb", aka: ["minced lamb"], families: ["red-meat"], holds: ["lamb"], contains: ["meat", "raw-meat"], keepsDays: 1 },
    { id: "goat-meat", name: "goat meat", aka: ["kid meat", "goat shoulder"], families: ["red-meat"], contains: ["meat", "raw-meat"] },
    { id: "pork", name: "pork", aka: ["pork shoulder", "pork belly", "pork loin", "pork chop", "pork fillet", "pork tenderloin", "pork rib", "spare rib", "pork leg", "pork cheek", "pork knuckle", "pork joint", "crackling", "pork rind", "pork scratchings", "trotter", "pulled pork", "pork neck", "suckling pig", "belly pork", "ham hock"], families: ["red-meat"], contains: ["pork", "raw-meat"] },
    { id: "pork-mince", name: "pork mince", us: "ground pork", aka: ["minced pork", "sausagemeat plain"], families: ["red-meat"], holds: ["pork"], contains: ["pork", "raw-meat"], keepsDays: 1 },
    { id: "venison", name: "venison", aka: ["wild boar", "rabbit", "hare", "venison haunch", "bison", "kangaroo", "venison steak", "elk", "reindeer", "horse meat"], families: ["red-meat"], contains: ["meat", "raw-meat"] },
    { id: "liver", name: "liver", aka: ["lamb's liver", "calf's liver", "lamb's kidney", "ox kidney", "veal kidney", "lamb's heart", "ox heart", "ox tongue", "lamb's tongue", "tripe", "sweetbread", "offal", "giblets", "foie gras"], families: ["offal"], contains: ["meat", "raw-meat"] },
    { id: "marrow-bone", name: "marrow bone", plural: "marrow bones", aka: ["beef bone", "bone marrow", "veal bone", "soup bone"], families: ["red-meat"], contains: ["meat", "raw-meat"] },
    { id: "meat", name: "meat", aka: ["red meat", "cooked meat", "cold meat", "roast meat", "cold cuts", "charcuterie", "game", "deli meat"], contains: ["meat"], doubts: ["cured-pork"] },
    { id: "poultry", name: "poultry", aka: ["fowl", "bird"], contains: ["poultry", "raw-poultry"] }
  ]
};

// data/reference/foods/nuts-and-seeds.json
var nuts_and_seeds_default = {
  aisle: "nuts and seeds",
  storage: "cupboard",
  keepsDays: 180,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "almonds", name: "almonds", aka: ["almond", "whole almond", "almond nut", "blanched almond", "almond kernel", "slivered almond", "chopped almond", "toasted almond", "smoked almond"], families: ["nut"], contains: ["almond"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "ground-almonds", name: "ground almonds", us: "almond meal", families: ["nut"], holds: ["almonds"], contains: ["almond"], doubts: ["nuts-together"], densityGPerMl: 0.42 },
    { id: "flaked-almonds", name: "flaked almonds", us: "sliced almonds", aka: ["almond flake"], families: ["nut"], holds: ["almonds"], contains: ["almond"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "walnut", name: "walnuts", aka: ["walnut", "walnut half", "walnut piece", "walnut halves", "pickled walnut", "black walnut"], families: ["nut"], contains: ["walnut"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "cashews", name: "cashews", aka: ["cashew", "cashew nut"], families: ["nut"], contains: ["cashew"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "pistachios", name: "pistachios", aka: ["pistachio", "pistachio nut", "pistachio kernel", "slivered pistachio"], families: ["nut"], contains: ["pistachio"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "hazelnuts", name: "hazelnuts", aka: ["hazelnut", "filbert", "cobnut", "roasted hazelnut", "ground hazelnut", "hazelnut meal", "hazelnut flour", "hazel nut"], families: ["nut"], contains: ["hazelnut"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "pecans", name: "pecans", aka: ["pecan", "pecan nut", "pecan half", "pecan halves", "pecan pie", "candied pecan"], families: ["nut"], contains: ["pecan"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "macadamia-nuts", name: "macadamia nuts", aka: ["macadamia", "queensland nut"], families: ["nut"], contains: ["macadamia"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "brazil-nuts", name: "brazil nuts", aka: ["brazil nut", "brazils", "para nut"], families: ["nut"], contains: ["brazil-nut"], doubts: ["nuts-together"], densityGPerMl: 0.5 },
    { id: "pine-nuts", name: "pine nuts", aka: ["pine nut", "pine kernel", "pignoli", "pinoli", "pinon"], contains: ["pine-nut"], doubts: ["nuts-together"], densityGPerMl: 0.57 },
    { id: "chestnuts", name: "chestnuts", aka: ["chestnut", "cooked chestnut", "vacuum-packed chestnut", "roast chestnut", "chestnut puree", "sweetened chestnut puree", "marron glace", "marrons glaces", "candied chestnut"], doubts: ["chestnut"], pieceG: 10 },
    { id: "mixed-nuts", name: "mixed nuts", aka: ["nut mix", "chopped mixed nuts", "luxury mixed nuts"], families: ["nut"], contains: ["tree-nut"], doubts: ["mixed-nuts"], kind: "composite" },
    { id: "nuts", name: "nuts", aka: ["nut", "tree nut", "chopped nuts", "ground nuts", "toasted nuts", "nut kernel", "nut meal", "nut flour", "nut milk", "nut cream", "nut oil", "nut crumbs", "pili nut", "candlenut", "shea nut", "ginkgo nut", "baru nut", "hickory nut", "beech nut", "acorn nut"], families: ["nut"], contains: ["tree-nut"], kind: "composite" },
    { id: "peanuts", name: "peanuts", aka: ["peanut", "groundnut", "monkey nut", "roasted peanut", "salted peanut", "dry roasted peanut", "beer nut", "goober pea", "peanut flour", "peanut powder", "powdered peanut", "groundnuts"], families: ["legume"], contains: ["peanut"], doubts: ["nuts-together-p"], densityGPerMl: 0.6 },
    { id: "peanut-butter", name: "peanut butter", aka: ["smooth peanut butter", "crunchy peanut butter", "peanut paste", "groundnut paste"], families: ["legume"], holds: ["peanuts"], contains: ["peanut"], doubts: ["nut-butter-p"], densityGPerMl: 1.05 },
    { id: "almond-butter", name: "almond butter", families: ["nut"], holds: ["almonds"], contains: ["almond"], doubts: ["nut-butter"], densityGPerMl: 1.05 },
    { id: "cashew-butter", name: "cashew butter", families: ["nut"], holds: ["cashews"], contains: ["cashew"], doubts: ["nut-butter"], densityGPerMl: 1.05 },
    { id: "hazelnut-butter", name: "hazelnut butter", aka: ["hazelnut paste"], families: ["nut"], holds: ["hazelnuts"], contains: ["hazelnut"], doubts: ["nut-butter"], densityGPerMl: 1.05 },
    { id: "pistachio-paste", name: "pistachio paste", aka: ["pistachio butter", "pistachio cream"], families: ["nut"], holds: ["pistachios"], contains: ["pistachio"], doubts: ["nut-butter"], densityGPerMl: 1.05 },
    { id: "walnut-butter", name: "walnut butter", families: ["nut"], holds: ["walnut"], contains: ["walnut"], doubts: ["nut-butter"] },
    { id: "nut-butter", name: "nut butter", aka: ["mixed nut butter"], families: ["nut"], contains: ["tree-nut"], doubts: ["mixed-nuts"], kind: "composite", densityGPerMl: 1.05 },
    { id: "sesame-seeds", name: "sesame seeds", aka: ["sesame seed", "sesame", "black sesame", "white sesame", "benne", "benne seed", "gomasio", "toasted sesame seed", "black sesame seed", "gomashio", "sesame salt", "gingelly"], contains: ["sesame"], densityGPerMl: 0.6 },
    { id: "tahini", name: "tahini", aka: ["tahina", "sesame paste", "sesame butter", "black tahini", "tehina"], holds: ["sesame-seeds"], contains: ["sesame"], densityGPerMl: 1.05 },
    { id: "halva", name: "halva", aka: ["halvah", "helva"], contains: ["sesame"], doubts: ["halva"], kind: "composite" },
    { id: "sunflower-seeds", name: "sunflower seeds", aka: ["sunflower seed", "sunflower kernel", "sunflower seed butter", "sunflower butter"], doubts: ["seed-line"], densityGPerMl: 0.6 },
    { id: "pumpkin-seeds", name: "pumpkin seeds", us: "pepitas", aka: ["pumpkin seed", "pepita"], doubts: ["seed-line"], densityGPerMl: 0.6 },
    { id: "flaxseed", name: "ground flaxseed", aka: ["flaxseed", "flax seed", "linseed", "ground linseed", "flax meal", "flax", "flaxseed meal", "golden linseed", "linseeds"], densityGPerMl: 0.45 },
    { id: "chia-seeds", name: "chia seeds", aka: ["chia", "chia seed"], densityGPerMl: 0.7 },
    { id: "poppy-seeds", name: "poppy seeds", aka: ["poppy seed"], doubts: ["seed-line"], densityGPerMl: 0.6 },
    { id: "hemp-seeds", name: "hemp seeds", aka: ["hemp heart", "shelled hemp", "hemp seed", "hemp protein"], doubts: ["seed-line"], densityGPerMl: 0.6 },
    { id: "mixed-seeds", name: "mixed seeds", aka: ["seeds", "seed mix", "salad seeds", "omega seeds"], doubts: ["mixed-seeds"], kind: "composite" },
    { id: "watermelon-seeds", name: "watermelon seeds", aka: ["melon seed", "egusi", "lotus seed", "basil seed", "sacha inchi"] },
    { id: "tiger-nuts", name: "tiger nuts", aka: ["tiger nut", "tigernut", "chufa", "tigernut flour", "tiger nut flour"] },
    { id: "trail-mix", name: "trail mix", aka: ["fruit and nut mix", "student mix", "bombay mix"], contains: ["tree-nut"], doubts: ["trail"], kind: "composite" },
    { id: "nut-roast", name: "nut roast", contains: ["tree-nut"], doubts: ["nut-roast"], kind: "composite", storage: "fridge", keepsDays: 5 },
    { id: "dukkah", name: "dukkah", aka: ["duqqa", "dukka"], contains: ["sesame"], doubts: ["dukkah"], kind: "composite" },
    { id: "gianduja", name: "gianduja", aka: ["gianduia", "hazelnut praline"], contains: ["hazelnut"], doubts: ["choc-spread"], kind: "composite" },
    { id: "praline", name: "praline", aka: ["praline paste", "croquant", "nut brittle", "nougatine"], contains: ["tree-nut"], doubts: ["praline"], kind: "composite" }
  ]
};

// data/reference/foods/oils-and-vinegars.json
var oils_and_vinegars_default = {
  aisle: "oils and vinegars",
  storage: "cupboard",
  keepsDays: 365,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "olive-oil", name: "olive oil", aka: ["extra virgin olive oil", "extra-virgin olive oil", "light olive oil", "evoo", "virgin olive oil", "lemon-infused olive oil", "garlic oil", "chilli oil plain", "infused oil", "basil oil", "truffle oil"], densityGPerMl: 0.91 },
    { id: "sunflower-oil", name: "sunflower oil", aka: ["safflower oil", "high-oleic sunflower oil"], densityGPerMl: 0.92 },
    { id: "rapeseed-oil", name: "rapeseed oil", us: "canola oil", aka: ["cold-pressed rapeseed oil", "colza oil"], densityGPerMl: 0.92 },
    { id: "vegetable-oil", name: "vegetable oil", aka: ["cooking oil", "frying oil", "deep-frying oil", "salad oil", "oil spray", "cooking spray", "cooking spray oil", "blended oil", "vegetable oil spray", "nonstick spray", "fry oil"], doubts: ["refined-soy"], densityGPerMl: 0.92 },
    { id: "oil", name: "oil", aka: ["any oil", "plain oil", "neutral oil", "flavourless oil", "mild oil"], densityGPerMl: 0.92 },
    { id: "corn-oil", name: "corn oil", aka: ["grapeseed oil", "rice bran oil", "avocado oil", "maize oil", "cottonseed oil", "palm oil", "red palm oil", "hemp oil", "flaxseed oil", "linseed oil", "pumpkin seed oil", "camellia oil", "argan oil", "rice oil"], densityGPerMl: 0.92 },
    { id: "soya-oil", name: "soya oil", us: "soybean oil", aka: ["soy oil"], doubts: ["refined-soy-named"], densityGPerMl: 0.92 },
    { id: "groundnut-oil", name: "groundnut oil", us: "peanut oil", aka: ["arachis oil", "refined peanut oil", "groundnut frying oil", "refined groundnut oil"], doubts: ["refined-peanut"], densityGPerMl: 0.92 },
    { id: "cold-pressed-peanut-oil", name: "cold-pressed peanut oil", aka: ["unrefined peanut oil", "roasted peanut oil"], contains: ["peanut"], densityGPerMl: 0.92 },
    { id: "sesame-oil", name: "sesame oil", aka: ["toasted sesame oil", "dark sesame oil", "gingelly oil"], contains: ["sesame"], densityGPerMl: 0.92 },
    { id: "walnut-oil", name: "walnut oil", holds: ["walnut"], contains: ["walnut"], densityGPerMl: 0.92 },
    { id: "hazelnut-oil", name: "hazelnut oil", holds: ["hazelnuts"], contains: ["hazelnut"], densityGPerMl: 0.92 },
    { id: "almond-oil", name: "almond oil", aka: ["sweet almond oil"], contains: ["almond"], densityGPerMl: 0.92 },
    { id: "pistachio-oil", name: "pistachio oil", contains: ["pistachio"], densityGPerMl: 0.92 },
    { id: "pecan-oil", name: "pecan oil", contains: ["pecan"], densityGPerMl: 0.92 },
    { id: "macadamia-oil", name: "macadamia oil", contains: ["macadamia"], densityGPerMl: 0.92 },
    { id: "mustard-oil", name: "mustard oil", contains: ["mustard"], densityGPerMl: 0.92 },
    { id: "coconut-oil", name: "refined coconut oil", aka: ["coconut oil", "copha", "virgin coconut oil", "solid coconut oil", "coconut fat"], contains: ["coconut"], densityGPerMl: 0.92 },
    { id: "cider-vinegar", name: "cider vinegar", us: "apple cider vinegar", aka: ["apple vinegar"], doubts: ["wine-vinegar"], densityGPerMl: 1.01 },
    { id: "wine-vinegar", name: "wine vinegar", aka: ["red wine vinegar", "white wine vinegar", "sherry vinegar", "champagne vinegar", "balsamic vinegar", "balsamic", "balsamic glaze", "white balsamic vinegar", "raspberry vinegar", "moscatel vinegar", "balsamic reduction"], doubts: ["wine-vinegar"], densityGPerMl: 1.01 },
    { id: "rice-vinegar", name: "rice vinegar", aka: ["rice wine vinegar", "seasoned rice vinegar"], doubts: ["rice-vinegar"], densityGPerMl: 1.01 },
    { id: "black-vinegar", name: "black vinegar", aka: ["chinkiang vinegar", "chinese black vinegar"], doubts: ["black-vinegar"], densityGPerMl: 1.01 },
    { id: "white-vinegar", name: "white vinegar", us: "distilled white vinegar", aka: ["vinegar", "distilled vinegar", "spirit vinegar", "pickling vinegar", "table vinegar"], densityGPerMl: 1.01 },
    { id: "malt-vinegar", name: "malt vinegar", aka: ["brown vinegar", "barley malt vinegar", "distilled malt vinegar", "chip shop vinegar"], contains: ["barley"], doubts: ["malt-vinegar-gluten"], densityGPerMl: 1.01 },
    { id: "lemon-juice", name: "lemon juice", aka: ["juice of lemon", "squeeze of lemon", "bottled lemon juice", "juice of a lemon"], families: ["citrus"], holds: ["lemon"], densityGPerMl: 1.03 },
    { id: "lime-juice", name: "lime juice", aka: ["juice of lime", "bottled lime juice"], families: ["citrus"], holds: ["lime"], densityGPerMl: 1.03 },
    { id: "verjuice", name: "verjuice", aka: ["verjus"], doubts: ["wine-vinegar"] },
    { id: "chilli-oil", name: "chilli oil", us: "chile oil", aka: ["chili oil", "crispy chilli oil", "chilli crisp", "chili crisp"], families: ["nightshade", "chilli"], doubts: ["chilli-oil"], kind: "composite" },
    { id: "smoked-oil", name: "smoked oil", aka: ["liquid smoke", "smoke flavouring"] }
  ]
};

// data/reference/foods/plant-dairy.json
var plant_dairy_default = {
  aisle: "plant-based chilled",
  storage: "fridge",
  keepsDays: 10,
  kind: "composite",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "oat-drink", name: "oat drink", us: "oat milk", aka: ["oatmilk", "oat milk drink", "barista oat milk", "oat beverage"], contains: ["oats"], doubts: ["oat-gluten"], densityGPerMl: 1.03 },
    { id: "oat-cream", name: "oat cream", aka: ["oat creme", "oat cooking cream"], contains: ["oats"], doubts: ["oat-gluten"], densityGPerMl: 1 },
    { id: "oat-yoghurt", name: "oat yoghurt", us: "oat yogurt", contains: ["oats"], doubts: ["oat-gluten"], densityGPerMl: 1.03 },
    { id: "soya-drink", name: "soya drink", us: "soy milk", aka: ["soya milk", "soymilk", "soy drink", "soya beverage", "soy beverage", "soja milk"], families: ["legume"], contains: ["soy"], densityGPerMl: 1.03 },
    { id: "soya-cream", name: "soya cream", us: "soy cream", aka: ["soya single cream", "soy creamer"], families: ["legume"], contains: ["soy"], densityGPerMl: 1 },
    { id: "soya-yoghurt", name: "soya yoghurt", us: "soy yogurt", aka: ["soya yogurt", "soy yoghurt"], families: ["legume"], contains: ["soy"], densityGPerMl: 1.03 },
    { id: "almond-drink", name: "almond drink", us: "almond milk", aka: ["almond beverage", "almondmilk"], families: ["nut"], contains: ["almond"], densityGPerMl: 1.01 },
    { id: "almond-yoghurt", name: "almond yoghurt", us: "almond yogurt", aka: ["almond cream", "almond creamer", "almond cream cheese"], families: ["nut"], contains: ["almond"] },
    { id: "cashew-drink", name: "cashew drink", us: "cashew milk", aka: ["cashew cream", "cashew creamer"], families: ["nut"], contains: ["cashew"] },
    { id: "cashew-cheese", name: "cashew cheese", aka: ["cashew cream cheese", "cashew ricotta", "cashew parmesan"], families: ["nut"], contains: ["cashew"], doubts: ["plant-cheese-milk"] },
    { id: "hazelnut-drink", name: "hazelnut drink", us: "hazelnut milk", families: ["nut"], contains: ["hazelnut"], densityGPerMl: 1.03 },
    { id: "macadamia-drink", name: "macadamia drink", us: "macadamia milk", aka: ["macadamia cheese"], families: ["nut"], contains: ["macadamia"], densityGPerMl: 1.03 },
    { id: "walnut-drink", name: "walnut drink", us: "walnut milk", families: ["nut"], contains: ["walnut"], densityGPerMl: 1.03 },
    { id: "rice-drink", name: "rice drink", us: "rice milk", aka: ["rice beverage", "ricemilk"], doubts: ["barley-enzyme"], densityGPerMl: 1.03 },
    { id: "coconut-drink", name: "coconut drink", us: "coconut milk beverage", aka: ["coconut milk drink", "carton coconut milk", "coconut beverage"], contains: ["coconut"], densityGPerMl: 1 },
    { id: "coconut-yoghurt", name: "coconut yoghurt", us: "coconut yogurt", aka: ["coconut kefir", "coconut cream cheese"], contains: ["coconut"], densityGPerMl: 1.03 },
    { id: "hemp-drink", name: "hemp drink", us: "hemp milk", aka: ["flax milk", "sesame-free seed milk", "potato milk", "pea milk", "pea drink", "tiger nut milk", "quinoa milk"], densityGPerMl: 1.03 },
    { id: "horchata", name: "horchata", aka: ["horchata de chufa", "tiger nut drink"], doubts: ["horchata"], densityGPerMl: 1.03 },
    { id: "plant-drink", name: "plant drink", us: "plant-based milk", aka: ["plant milk", "non-dairy milk", "dairy-free milk", "vegan milk", "plant-based drink", "alternative milk", "dairy alternative", "milk alternative", "milk substitute"], doubts: ["plant-any"] },
    { id: "plant-cream", name: "plant cream", us: "plant-based cream", aka: ["vegan cream", "dairy-free cream", "non-dairy cream", "plant-based cream", "vegan creme fraiche", "vegan whipping cream", "vegan sour cream"], doubts: ["plant-any"] },
    { id: "plant-yoghurt", name: "plant yoghurt", us: "plant-based yogurt", aka: ["vegan yoghurt", "vegan yogurt", "dairy-free yoghurt", "dairy-free yogurt", "plant-based yoghurt", "plant yogurt"], doubts: ["plant-any"] },
    { id: "plant-spread", name: "plant spread", us: "plant butter", aka: ["vegan butter", "vegan block", "dairy-free butter", "dairy-free spread", "vegan spread", "plant-based butter", "vegan margarine", "dairy-free margarine"], doubts: ["spread-vegan"], densityGPerMl: 0.9, keepsDays: 60 },
    { id: "margarine", name: "margarine", aka: ["baking spread", "vegetable spread", "baking margarine", "sunflower spread", "soft margarine", "olive spread", "low-fat spread", "baking block"], doubts: ["spread"], densityGPerMl: 0.9, keepsDays: 60 },
    { id: "plant-cheese", name: "plant cheese", us: "vegan cheese", aka: ["dairy-free cheese", "plant-based cheese", "vegan parmesan", "vegan feta", "vegan mozzarella", "vegan cheddar", "vegan cream cheese", "dairy-free cream cheese", "vegan mascarpone"], doubts: ["plant-cheese"], densityGPerMl: 0.42, keepsDays: 21 },
    { id: "non-dairy-creamer", name: "non-dairy creamer", aka: ["coffee whitener", "coffee creamer", "non dairy creamer", "nondairy creamer", "creamer", "whitener"], doubts: ["non-dairy-creamer"], storage: "cupboard", keepsDays: 180 },
    { id: "tofu", name: "tofu", aka: ["firm tofu", "silken tofu", "extra-firm tofu", "soft tofu", "bean curd", "tofu puff", "pressed tofu", "cotton tofu", "beancurd", "aburaage"], families: ["legume"], contains: ["soy"], kind: "plain" },
    { id: "smoked-tofu", name: "smoked tofu", aka: ["marinated tofu", "baked tofu"], families: ["legume"], contains: ["soy"], doubts: ["tofu-marinade"] },
    { id: "tempeh", name: "tempeh", families: ["legume"], contains: ["soy"], doubts: ["tempeh-grain"] },
    { id: "seitan", name: "seitan", aka: ["wheat meat", "mock duck", "wheat protein steak"], contains: ["wheat"], doubts: ["seitan-soy"] },
    { id: "meat-free-mince", name: "meat-free mince", aka: ["vegan mince", "plant-based mince", "vegan sausage", "vegetarian sausage", "veggie sausage", "vegan burger", "veggie burger", "plant-based burger", "vegetarian burger", "veggie mince", "vegan bacon", "vegan chicken", "meat substitute", "mycoprotein", "vegan ham", "plant-based sausage", "plant-based meat", "plant-based chicken", "veggie bacon"], doubts: ["plant-meat"] },
    { id: "textured-vegetable-protein", name: "textured vegetable protein", aka: ["tvp", "textured soya protein", "soya chunks", "soy curls", "soya protein", "soy protein"], families: ["legume"], contains: ["soy"], kind: "plain", storage: "cupboard", keepsDays: 300 },
    { id: "egg-replacer", name: "egg replacer", aka: ["egg substitute", "vegan egg", "powdered egg replacer", "powdered egg substitute", "egg alternative", "plant-based egg", "no-egg"], doubts: ["egg-replacer"], storage: "cupboard", keepsDays: 300 },
    { id: "flax-egg", name: "flax egg", plural: "flax eggs", aka: ["chia egg", "linseed egg"], kind: "single", keepsDays: 1 },
    { id: "aquafaba", name: "aquafaba", aka: ["chickpea water", "chickpea liquid", "chickpea brine"], families: ["legume"], kind: "plain", densityGPerMl: 1.02, keepsDays: 3 },
    { id: "vegan-ice-cream", name: "vegan ice cream", us: "non-dairy ice cream", aka: ["dairy-free ice cream", "plant-based ice cream", "nice cream"], doubts: ["plant-dessert"], storage: "freezer", keepsDays: 90 },
    { id: "vegan-chocolate", name: "vegan chocolate", aka: ["dairy-free chocolate", "vegan chocolate chips", "vegan dark chocolate"], doubts: ["chocolate-line", "vegan-chocolate"], storage: "cupboard", keepsDays: 180 },
    { id: "vegan-mayonnaise", name: "vegan mayonnaise", us: "vegan mayo", aka: ["egg-free mayonnaise", "egg-free mayo", "eggless mayonnaise", "eggless mayo", "plant-based mayonnaise", "vegan aioli"], doubts: ["vegan-mayo"], densityGPerMl: 0.95, keepsDays: 60 }
  ]
};

// data/reference/foods/pulses.json
var pulses_default = {
  aisle: "pulses",
  storage: "cupboard",
  keepsDays: 365,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "brown-lentils", name: "brown lentils", aka: ["lentil", "green lentil", "puy lentil", "beluga lentil", "french lentil", "black lentil", "cooked lentils", "brown lentil"], families: ["legume"], doubts: ["stray-grain"], densityGPerMl: 0.8 },
    { id: "red-lentils", name: "red lentils", aka: ["split red lentil", "masoor dal", "red split lentil", "yellow lentil", "dal", "dhal", "toor dal", "chana dal", "moong dal", "urad dal", "mung dal"], families: ["legume"], doubts: ["stray-grain"], densityGPerMl: 0.8 },
    { id: "chickpeas", name: "chickpeas", us: "garbanzo beans", aka: ["chickpea", "chick pea", "garbanzo", "chana", "tinned chickpeas", "cooked chickpeas", "ceci"], families: ["legume"], densityGPerMl: 0.75 },
    { id: "black-beans", name: "black beans", aka: ["black turtle bean", "turtle bean", "black bean"], families: ["legume"], densityGPerMl: 0.75 },
    { id: "kidney-beans", name: "kidney beans", aka: ["red kidney bean", "kidney bean", "red bean", "adzuki bean", "aduki bean", "azuki bean"], families: ["legume"], densityGPerMl: 0.75 },
    { id: "cannellini-beans", name: "cannellini beans", us: "white beans", aka: ["white bean", "haricot bean", "navy bean", "great northern bean", "cannellini", "white kidney bean", "flageolet", "flageolet bean", "cannellini bean", "great northern"], families: ["legume"], densityGPerMl: 0.75 },
    { id: "butter-beans", name: "butter beans", us: "lima beans", aka: ["lima bean", "gigante bean", "butter bean", "judion bean"], families: ["legume"], densityGPerMl: 0.75 },
    { id: "borlotti-beans", name: "borlotti beans", us: "cranberry beans", aka: ["pinto bean", "borlotti bean", "cranberry bean", "beans", "mixed beans", "bean", "black-eyed bean", "black-eyed pea", "black eyed bean", "pigeon pea", "gungo pea", "cowpea", "refried beans", "bean salad", "mung bean", "moth bean", "lablab bean", "anasazi bean", "five-bean salad", "mixed bean salad"], families: ["legume"], densityGPerMl: 0.75 },
    { id: "split-peas", name: "split peas", aka: ["yellow split pea", "green split pea", "split pea", "marrowfat pea", "dried pea", "mushy peas", "pease pudding"], families: ["legume"], doubts: ["stray-grain"], densityGPerMl: 0.8 },
    { id: "dried-broad-beans", name: "dried broad beans", us: "dried fava beans", aka: ["ful medames", "ful", "broad bean dried"], families: ["legume"] },
    { id: "soya-beans", name: "soya beans", us: "soybeans", aka: ["soybean", "soya bean", "soy bean", "dried soybeans", "soya", "soy", "soja"], families: ["legume"], contains: ["soy"] },
    { id: "edamame", name: "edamame", aka: ["edamame bean"], families: ["legume"], contains: ["soy"], storage: "freezer" },
    { id: "lupin-beans", name: "lupin beans", us: "lupini beans", aka: ["lupini", "lupin seed", "lupin", "lupine"], families: ["legume"], contains: ["lupin"] },
    { id: "baked-beans", name: "baked beans", families: ["legume", "nightshade"], doubts: ["baked-beans"], kind: "composite" },
    { id: "falafel", name: "falafel", plural: "falafels", families: ["legume"], doubts: ["falafel"], kind: "composite", storage: "fridge", keepsDays: 7 },
    { id: "pea-protein", name: "pea protein", aka: ["pea protein isolate", "pea protein powder"], families: ["legume"] }
  ]
};

// data/reference/foods/sauces-and-condiments.json
var sauces_and_condiments_default = {
  aisle: "sauces and condiments",
  storage: "cupboard",
  keepsDays: 365,
  kind: "composite",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "soy-sauce", name: "soy sauce", aka: ["soya sauce", "shoyu", "light soy sauce", "dark soy sauce", "low-salt soy sauce", "reduced-salt soy sauce", "naturally brewed soy sauce", "sweet soy sauce", "kecap manis", "ketjap manis", "low-sodium soy sauce", "mushroom soy sauce", "white soy sauce", "usukuchi"], contains: ["soy", "wheat"], densityGPerMl: 1.15 },
    { id: "tamari", name: "tamari", aka: ["tamari soy sauce", "gluten-free soy sauce", "gluten-free tamari"], contains: ["soy"], doubts: ["soy-brew"], densityGPerMl: 1.15 },
    { id: "coconut-aminos", name: "coconut aminos", contains: ["coconut"], densityGPerMl: 1.1 },
    { id: "liquid-aminos", name: "liquid aminos", aka: ["soy aminos"], contains: ["soy"], densityGPerMl: 1.15 },
    { id: "miso", name: "miso", aka: ["miso paste", "white miso", "red miso", "brown miso", "sweet white miso", "yellow miso", "genmai miso"], contains: ["soy"], doubts: ["miso"], densityGPerMl: 1.15, storage: "fridge" },
    { id: "barley-miso", name: "barley miso", aka: ["mugi miso"], contains: ["soy", "barley"], densityGPerMl: 1.15, storage: "fridge" },
    { id: "fermented-black-beans", name: "fermented black beans", aka: ["douchi", "black bean sauce", "salted black beans", "black bean paste", "yellow bean sauce", "doubanjiang", "chilli bean paste", "broad bean paste", "natto", "doenjang", "bean paste", "fermented bean paste"], families: ["legume"], contains: ["soy"], doubts: ["gochujang"] },
    { id: "gochujang", name: "gochujang", aka: ["korean chilli paste", "ssamjang"], contains: ["soy"], doubts: ["gochujang"] },
    { id: "hoisin-sauce", name: "hoisin sauce", aka: ["hoisin", "teriyaki sauce", "teriyaki", "plum sauce", "char siu sauce", "stir-fry sauce", "bulgogi sauce", "yakitori sauce", "sweet and sour sauce", "black bean stir-fry sauce", "tonkatsu sauce", "okonomiyaki sauce", "oriental sauce", "chow mein sauce", "unagi sauce"], contains: ["soy"], doubts: ["asian-sauce"] },
    { id: "ponzu", name: "ponzu", aka: ["ponzu sauce", "sushi soy sauce"], contains: ["soy"], doubts: ["asian-sauce"] },
    { id: "oyster-sauce", name: "oyster sauce", contains: ["mollusc"], doubts: ["oyster-sauce"] },
    { id: "vegetarian-oyster-sauce", name: "vegetarian oyster sauce", aka: ["mushroom oyster sauce", "vegan oyster sauce", "mushroom stir-fry sauce"], doubts: ["soy-stir-fry"] },
    { id: "fish-sauce", name: "fish sauce", aka: ["nam pla", "nuoc mam", "garum", "colatura", "thai fish sauce", "patis"], contains: ["fish"], doubts: ["fish-sauce"], densityGPerMl: 1.2 },
    { id: "vegan-fish-sauce", name: "vegan fish sauce", doubts: ["soy-stir-fry"] },
    { id: "shrimp-paste", name: "shrimp paste", aka: ["belacan", "terasi", "kapi", "trassi", "prawn paste", "bagoong"], contains: ["crustacean"] },
    { id: "xo-sauce", name: "xo sauce", contains: ["crustacean", "mollusc"], doubts: ["asian-sauce"] },
    { id: "worcestershire-sauce", name: "worcestershire sauce", aka: ["worcester sauce", "worcestershire"], contains: ["fish"], doubts: ["worcester"], densityGPerMl: 1.1 },
    { id: "vegan-worcestershire-sauce", name: "vegan worcestershire sauce", aka: ["vegetarian worcester sauce"], doubts: ["worcester", "soy-stir-fry"] },
    { id: "anchovy", name: "anchovy", plural: "anchovies", aka: ["anchovy fillet", "anchovy in oil", "anchovy paste", "white anchovy", "salted anchovy", "boquerones", "tinned anchovy"], contains: ["fish"], kind: "plain", storage: "fridge" },
    { id: "mustard-prepared", name: "prepared mustard", aka: ["mustard", "dijon mustard", "dijon", "wholegrain mustard", "grainy mustard", "english mustard", "french mustard", "american mustard", "yellow mustard", "whole-grain mustard", "german mustard", "tarragon mustard"], contains: ["mustard"], doubts: ["mustard-jar"], densityGPerMl: 1.05 },
    { id: "honey-mustard", name: "honey mustard", aka: ["honey mustard dressing", "honey and mustard dressing"], contains: ["mustard", "honey"], doubts: ["mustard-jar"] },
    { id: "mayonnaise", name: "mayonnaise", us: "mayo", aka: ["mayo", "aioli", "garlic mayonnaise", "light mayonnaise", "japanese mayonnaise", "chipotle mayo"], contains: ["egg"], doubts: ["mayo"], densityGPerMl: 0.95, storage: "fridge" },
    { id: "tartare-sauce", name: "tartare sauce", us: "tartar sauce", aka: ["remoulade", "marie rose sauce", "thousand island dressing", "burger sauce", "salad cream", "caesar mayo"], contains: ["egg"], doubts: ["mayo", "dressing"], storage: "fridge" },
    { id: "hollandaise", name: "hollandaise", aka: ["hollandaise sauce", "bearnaise", "bearnaise sauce"], contains: ["egg", "milk"], doubts: ["butter-lactose"], storage: "fridge", keepsDays: 7 },
    { id: "salad-dressing", name: "salad dressing", aka: ["dressing", "vinaigrette", "french dressing", "italian dressing", "house dressing", "lemon dressing"], doubts: ["dressing"] },
    { id: "ranch-dressing", name: "ranch dressing", aka: ["blue cheese dressing", "ranch", "caesar dressing", "yoghurt dressing", "caesar salad", "green goddess dressing"], doubts: ["dressing-creamy"] },
    { id: "coleslaw", name: "coleslaw", aka: ["slaw", "potato salad", "egg mayonnaise", "tuna mayonnaise", "coronation chicken", "waldorf salad", "russian salad", "egg salad", "macaroni salad"], doubts: ["mayo-salad"], storage: "fridge", keepsDays: 4 },
    { id: "ketchup", name: "ketchup", us: "catsup", aka: ["tomato ketchup", "tomato sauce ketchup", "mushroom ketchup", "catsup"], families: ["nightshade"], holds: ["tomato"], doubts: ["ketchup"], densityGPerMl: 1.15 },
    { id: "brown-sauce", name: "brown sauce", us: "steak sauce", aka: ["steak sauce", "fruity sauce"], doubts: ["condiment", "worcester"] },
    { id: "barbecue-sauce", name: "barbecue sauce", aka: ["bbq sauce", "smoky barbecue sauce", "barbeque sauce"], families: ["nightshade"], doubts: ["condiment", "worcester"] },
    { id: "hot-sauce", name: "hot sauce", aka: ["chilli sauce", "chili sauce", "sriracha", "pepper sauce", "peri-peri sauce", "piri-piri sauce", "buffalo sauce", "sambal", "sambal oelek", "chilli paste", "chile sauce", "enchilada sauce", "adobo", "chipotle in adobo", "chipotle paste", "hot pepper sauce", "louisiana hot sauce"], families: ["nightshade", "chilli"], doubts: ["chilli-sauce"] },
    { id: "sweet-chilli-sauce", name: "sweet chilli sauce", us: "sweet chili sauce", families: ["nightshade", "chilli"], doubts: ["condiment"] },
    { id: "harissa", name: "harissa", aka: ["harissa paste", "rose harissa", "zhoug", "chermoula", "salsa verde", "chimichurri", "skhug", "zhug", "gremolata"], families: ["nightshade", "chilli"], doubts: ["condiment-herb"] },
    { id: "chutney", name: "chutney", aka: ["duck sauce", "mango chutney", "relish", "tomato chutney", "onion chutney", "caramelised onion chutney", "sweetcorn relish", "onion marmalade", "apple chutney", "chilli jam", "lime pickle", "mango pickle", "brinjal pickle", "tomato relish", "corn relish", "chow-chow"], doubts: ["condiment"] },
    { id: "piccalilli", name: "piccalilli", aka: ["mostarda", "mustard relish", "mustard fruit"], contains: ["mustard"], doubts: ["pickle", "wheat-filler", "barley-vinegar"] },
    { id: "pickle", name: "pickle", aka: ["pickles", "sweet pickle", "mixed pickle", "pickled vegetables", "giardiniera", "ploughman's pickle", "sandwich pickle"], doubts: ["pickle", "barley-vinegar"] },
    { id: "gherkin", name: "gherkin", plural: "gherkins", us: "dill pickle", aka: ["pickled cucumber", "cornichon", "dill pickles", "pickle spear", "pickled gherkin"], families: ["gourd"], doubts: ["pickled", "barley-vinegar"] },
    { id: "capers", name: "capers", aka: ["caper", "caper berry", "caperberry", "nonpareil capers", "caper berries"], doubts: ["pickled-plain"] },
    { id: "pickled-onion", name: "pickled onion", plural: "pickled onions", aka: ["pickled red onion", "cocktail onion"], families: ["allium"], doubts: ["pickled", "barley-vinegar"] },
    { id: "pickled-beetroot", name: "pickled beetroot", aka: ["pickled red cabbage", "pickled chilli", "pickled jalapeno", "pickled ginger", "pickled vegetables jar", "pickled radish", "pickled lemon", "sushi ginger", "pickled turnip", "pickled carrot"], doubts: ["pickled", "barley-vinegar"] },
    { id: "preserved-lemon", name: "preserved lemon", plural: "preserved lemons", families: ["citrus"], doubts: ["pickled-plain"] },
    { id: "sauerkraut", name: "sauerkraut", aka: ["fermented cabbage", "choucroute"], families: ["brassica"], doubts: ["pickled-plain"] },
    { id: "kimchi", name: "kimchi", families: ["brassica"], doubts: ["kimchi"], storage: "fridge" },
    { id: "olives", name: "olives", aka: ["olive", "black olive", "green olive", "kalamata olive", "nocellara olive", "pitted olive", "stuffed olive", "kalamata", "castelvetrano olive"], doubts: ["pickled-plain"], kind: "plain" },
    { id: "tapenade", name: "tapenade", aka: ["olive tapenade", "olive paste"], doubts: ["tapenade"] },
    { id: "pesto", name: "pesto", aka: ["green pesto", "basil pesto", "red pesto", "pesto genovese", "pesto sauce", "sun-dried tomato pesto", "pesto rosso"], doubts: ["pesto"], storage: "fridge" },
    { id: "vegan-pesto", name: "vegan pesto", aka: ["dairy-free pesto"], doubts: ["vegan-pesto"], storage: "fridge" },
    { id: "hummus", name: "hummus", aka: ["houmous", "hommus", "humous", "beetroot hummus", "red pepper hummus"], families: ["legume"], holds: ["chickpeas", "tahini"], contains: ["sesame"], doubts: ["hummus"], storage: "fridge", keepsDays: 7 },
    { id: "baba-ganoush", name: "baba ganoush", aka: ["baba ghanoush", "moutabal", "mutabal"], families: ["nightshade"], contains: ["sesame"], doubts: ["dip-bg"], storage: "fridge", keepsDays: 7 },
    { id: "guacamole", name: "guacamole", doubts: ["guacamole"], storage: "fridge", keepsDays: 3 },
    { id: "salsa", name: "salsa", aka: ["tomato salsa", "pico de gallo", "salsa roja", "taco sauce", "picante sauce"], families: ["nightshade"], doubts: ["salsa"] },
    { id: "dip", name: "dip", plural: "dips", aka: ["sour cream dip", "onion dip", "spinach dip", "cheese dip", "queso dip", "seven-layer dip", "dipping sauce"], doubts: ["dip"], storage: "fridge", keepsDays: 5 },
    { id: "satay-sauce", name: "satay sauce", aka: ["peanut sauce", "satay", "satay paste", "satay marinade", "gado gado sauce"], contains: ["peanut"], doubts: ["satay"] },
    { id: "curry-paste", name: "curry paste", aka: ["thai red curry paste", "thai green curry paste", "red curry paste", "green curry paste", "tikka paste", "korma paste", "madras paste", "massaman curry paste", "laksa paste", "yellow curry paste", "tandoori paste", "rendang paste", "tom yum paste", "balti paste", "rogan josh paste", "jerk paste", "jerk marinade", "masala paste"], doubts: ["curry-paste"] },
    { id: "curry-sauce", name: "curry sauce", aka: ["tikka masala sauce", "korma sauce", "katsu sauce", "simmer sauce", "butter chicken sauce"], doubts: ["curry-sauce"] },
    { id: "tomato-puree", name: "tomato puree", us: "tomato paste", aka: ["tomato concentrate", "sun-dried tomato paste", "double concentrate tomato puree"], families: ["nightshade"], holds: ["tomato"], kind: "plain", densityGPerMl: 1.1 },
    { id: "passata", name: "passata", aka: ["sieved tomatoes", "strained tomatoes", "tomato passata", "crushed tomatoes", "polpa"], families: ["nightshade"], holds: ["tomato"], kind: "plain", densityGPerMl: 1.04 },
    { id: "tinned-tomatoes", name: "tinned tomatoes", us: "canned tomatoes", aka: ["chopped tomatoes", "tinned chopped tomatoes", "canned tomatoes", "plum tomatoes in juice", "diced tomatoes", "tinned plum tomatoes", "tinned tomato"], families: ["nightshade"], holds: ["tomato"], kind: "plain", densityGPerMl: 1.03 },
    { id: "pasta-sauce", name: "pasta sauce", aka: ["tomato pasta sauce", "marinara sauce", "marinara", "arrabbiata sauce", "bolognese sauce", "tomato sauce", "pizza sauce", "napolitana sauce", "tomato and basil sauce", "spaghetti sauce"], families: ["nightshade"], doubts: ["pasta-sauce"] },
    { id: "sauce", name: "sauce", aka: ["marinade", "bottled sauce", "glaze", "cooking sauce", "gravy sauce", "sauce of choice"], doubts: ["sauce-any"] },
    { id: "horseradish-sauce", name: "horseradish sauce", aka: ["creamed horseradish", "horseradish cream", "wasabi", "wasabi paste", "wasabi powder"], doubts: ["horseradish-jar"] },
    { id: "mint-sauce", name: "mint sauce", aka: ["mint jelly", "redcurrant jelly", "cranberry sauce", "apple sauce", "quince paste", "membrillo", "cranberry jelly", "quince jelly", "applesauce", "cumberland sauce", "rowan jelly", "crab apple jelly", "plum compote", "apple compote", "fruit compote", "compote"], doubts: ["sauce-fruit"] },
    { id: "bread-sauce", name: "bread sauce", contains: ["wheat", "milk", "lactose"] },
    { id: "gravy", name: "gravy", aka: ["gravy granules", "gravy powder", "gravy mix", "meat gravy", "onion gravy", "turkey gravy", "instant gravy", "pan gravy", "gravy browning"], doubts: ["gravy"] },
    { id: "vegetable-stock-cube", name: "vegetable stock cube", plural: "vegetable stock cubes", aka: ["stock cube", "bouillon cube", "vegetable bouillon", "vegetable stock powder", "bouillon", "bouillon powder", "stock pot", "vegetable stock pot", "stock powder", "vegetable bouillon powder", "bouillon paste", "stock concentrate", "dry stock"], doubts: ["stock"], pieceG: 10 },
    { id: "chicken-stock-cube", name: "chicken stock cube", plural: "chicken stock cubes", aka: ["chicken bouillon", "chicken stock pot", "chicken bouillon cube", "chicken stock powder", "chicken stock concentrate", "chicken bouillon powder"], contains: ["poultry"], doubts: ["stock", "stock-egg"], pieceG: 10 },
    { id: "beef-stock-cube", name: "beef stock cube", plural: "beef stock cubes", aka: ["beef bouillon", "beef stock pot", "lamb stock cube", "veal stock cube", "beef bouillon cube"], contains: ["meat"], doubts: ["stock"], pieceG: 10 },
    { id: "ham-stock-cube", name: "ham stock cube", plural: "ham stock cubes", aka: ["pork stock cube", "ham stock", "pork stock", "pork bone broth"], contains: ["pork"], doubts: ["stock"], pieceG: 10 },
    { id: "fish-stock-cube", name: "fish stock cube", plural: "fish stock cubes", aka: ["fish stock", "fish bouillon", "fish fumet", "fumet", "fish stock pot", "fish broth"], contains: ["fish"], doubts: ["bouillon-fish"], pieceG: 10 },
    { id: "shellfish-stock", name: "shellfish stock", aka: ["prawn stock", "lobster bisque", "bouillabaisse", "bisque", "crab stock", "shrimp stock", "lobster stock"], contains: ["crustacean"], doubts: ["bouillon-fish"] },
    { id: "vegetable-stock", name: "vegetable stock", us: "vegetable broth", aka: ["vegetable broth", "veg stock", "mushroom stock", "mushroom broth"], doubts: ["stock"], densityGPerMl: 1 },
    { id: "stock", name: "stock", us: "broth", aka: ["broth", "hot stock", "good stock", "homemade stock"], doubts: ["stock", "stock-meat"], densityGPerMl: 1 },
    { id: "chicken-stock", name: "chicken stock", us: "chicken broth", aka: ["chicken broth", "turkey stock", "duck stock", "poultry stock", "turkey broth", "game stock"], contains: ["poultry"], doubts: ["stock", "stock-egg"], densityGPerMl: 1 },
    { id: "beef-stock", name: "beef stock", us: "beef broth", aka: ["beef broth", "lamb stock", "veal stock", "bone broth", "demi-glace", "meat stock", "brown stock", "beef consomme", "consomme", "meat broth"], contains: ["meat"], doubts: ["stock"], densityGPerMl: 1 },
    { id: "gf-stock-powder", name: "stock powder sold as gluten-free and vegan", us: "gluten-free vegan bouillon", aka: ["gluten-free stock cube", "gluten-free stock powder"], doubts: ["celery-only"], densityGPerMl: 0.8 },
    { id: "dashi", name: "dashi", aka: ["dashi stock", "dashi powder", "instant dashi", "bonito flakes", "katsuobushi", "bonito"], contains: ["fish"], doubts: ["dashi"] },
    { id: "kombu-dashi", name: "kombu dashi", aka: ["vegan dashi", "shiitake dashi"], kind: "plain" },
    { id: "yeast-extract", name: "yeast extract", us: "yeast extract spread", aka: ["yeast extract spread", "savoury yeast spread", "yeast spread"], doubts: ["yeast-extract"] },
    { id: "tamarind", name: "tamarind", aka: ["tamarind paste", "tamarind pulp", "tamarind concentrate", "tamarind puree"], families: ["legume"], doubts: ["pickled-plain"], kind: "plain", densityGPerMl: 1.2 },
    { id: "pomegranate-molasses", name: "pomegranate molasses", aka: ["pomegranate syrup"], doubts: ["fruit-syrup"], densityGPerMl: 1.35 },
    { id: "msg", name: "msg", us: "monosodium glutamate", aka: ["monosodium glutamate"], kind: "plain" },
    { id: "mirin", name: "mirin", aka: ["rice wine seasoning", "cooking mirin"], contains: ["alcohol"], doubts: ["mirin"], densityGPerMl: 1.1 },
    { id: "shaoxing-wine", name: "shaoxing wine", us: "chinese cooking wine", aka: ["shaoxing cooking wine", "shaoxing wine", "shaohsing wine", "chinese rice wine", "rice wine", "shaoxing rice wine"], contains: ["alcohol"], doubts: ["rice-wine"] },
    { id: "toasted-rice-powder", name: "toasted rice powder", aka: ["rice bran"], kind: "plain" },
    { id: "crispy-fried-onions", name: "crispy fried onions", us: "french fried onions", aka: ["fried onion", "crispy onion", "crispy shallot", "crispy fried shallots", "crispy onions", "onion ring"], families: ["allium"], contains: ["wheat"], doubts: ["breaded"] }
  ]
};

// data/reference/foods/snacks.json
var snacks_default = {
  aisle: "snacks",
  storage: "cupboard",
  keepsDays: 120,
  kind: "composite",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "crisps", name: "crisps", us: "potato chips", aka: ["potato crisp", "potato chip", "ready salted crisps", "vegetable crisp", "root vegetable crisps", "plain crisps", "vegetable chips"], families: ["nightshade"], doubts: ["crisps"] },
    { id: "tortilla-chips", name: "tortilla chips", aka: ["nachos", "corn chips", "nacho chip", "tortilla chip", "corn chip"], families: ["maize"], doubts: ["tortilla-chips"] },
    { id: "prawn-cracker", name: "prawn cracker", plural: "prawn crackers", us: "shrimp chips", aka: ["shrimp cracker", "prawn chips"], contains: ["crustacean"], doubts: ["prawn-crackers"] },
    { id: "pretzel-snack", name: "pretzel snack", plural: "pretzel snacks", aka: ["mini pretzel", "pretzels", "salted pretzels", "pretzel rod"], contains: ["wheat"], doubts: ["cracker"] },
    { id: "wasabi-peas", name: "wasabi peas", aka: ["roasted peas"], families: ["legume"], doubts: ["wasabi-peas"] },
    { id: "popcorn-snack", name: "popcorn snack", us: "buttered popcorn", aka: ["ready popcorn", "caramel popcorn", "salted popcorn", "microwave popcorn", "kettle corn"], families: ["maize"], doubts: ["popcorn"] }
  ]
};

// data/reference/foods/spices.json
var spices_default = {
  aisle: "spices",
  storage: "cupboard",
  keepsDays: 365,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "salt", name: "salt", aka: ["sea salt", "table salt", "flaky salt", "kosher salt", "rock salt", "salt flake", "fine salt", "iodised salt", "himalayan salt", "black salt", "pickling salt", "coarse salt", "curing salt"], densityGPerMl: 1.2 },
    { id: "black-pepper", name: "black pepper", aka: ["pepper", "white pepper", "peppercorn", "black peppercorn", "ground pepper", "ground black pepper", "white peppercorn", "green peppercorn", "pink peppercorn", "szechuan pepper", "sichuan pepper", "sichuan peppercorn", "long pepper", "cracked pepper", "mixed peppercorns", "cubeb", "grains of paradise"], densityGPerMl: 0.5 },
    { id: "cumin", name: "ground cumin", aka: ["cumin", "cumin powder"], families: ["umbellifer"], doubts: ["spice-mill"], densityGPerMl: 0.4 },
    { id: "cumin-seeds", name: "cumin seeds", aka: ["cumin seed", "black cumin", "caraway", "caraway seed", "ajwain", "carom seed"], families: ["umbellifer"] },
    { id: "ground-coriander", name: "ground coriander", aka: ["coriander powder"], families: ["umbellifer"], doubts: ["spice-mill"], densityGPerMl: 0.4 },
    { id: "coriander-seeds", name: "coriander seeds", aka: ["coriander seed", "dried coriander"], families: ["umbellifer"] },
    { id: "fennel-seeds", name: "fennel seeds", aka: ["fennel seed", "ground fennel", "fennel pollen", "aniseed", "anise", "anise seed", "dill seed"], families: ["umbellifer"] },
    { id: "ground-turmeric", name: "ground turmeric", us: "turmeric", aka: ["turmeric", "turmeric powder"], doubts: ["spice-mill"], densityGPerMl: 0.5 },
    { id: "paprika", name: "paprika", aka: ["sweet paprika", "smoked paprika", "hot paprika", "pimenton", "ground paprika"], families: ["nightshade", "chilli"], doubts: ["spice-mill"], densityGPerMl: 0.45 },
    { id: "chilli-flakes", name: "chilli flakes", us: "red pepper flakes", aka: ["crushed chilli", "dried chilli flakes", "red chilli flakes", "aleppo pepper", "pul biber", "urfa biber", "urfa chilli", "gochugaru", "crushed red pepper", "chile flakes", "aleppo chilli", "korean chilli flakes", "espelette pepper"], families: ["nightshade", "chilli"] },
    { id: "dried-chillies", name: "dried chillies", us: "dried chiles", aka: ["dried chilli", "ancho", "chipotle", "ancho chilli", "chipotle chilli", "guajillo", "pasilla", "whole dried chilli", "kashmiri chilli", "dried red chilli", "mulato", "arbol chilli", "ancho chile"], families: ["nightshade", "chilli"] },
    { id: "chilli-powder", name: "chilli powder", us: "ground chile", aka: ["cayenne", "cayenne pepper", "kashmiri chilli powder", "hot chilli powder", "ground chilli", "mild chilli powder"], families: ["nightshade", "chilli"], doubts: ["spice-mill"], densityGPerMl: 0.45 },
    { id: "chili-seasoning", name: "chili seasoning", us: "chili powder", aka: ["chili powder", "chilli seasoning", "chilli con carne mix"], doubts: ["spice-mix"], kind: "composite" },
    { id: "cinnamon", name: "ground cinnamon", aka: ["cinnamon", "cassia", "cinnamon powder"], densityGPerMl: 0.5 },
    { id: "cinnamon-stick", name: "cinnamon stick", plural: "cinnamon sticks", aka: ["cassia bark", "cinnamon quill"], kind: "single", pieceG: 3 },
    { id: "ground-ginger", name: "ground ginger", aka: ["ginger powder", "dried ginger"], doubts: ["spice-mill"], densityGPerMl: 0.4 },
    { id: "ground-cardamom", name: "ground cardamom", aka: ["cardamom powder"], densityGPerMl: 0.4 },
    { id: "cardamom", name: "cardamom", aka: ["cardamom pod", "green cardamom", "black cardamom", "cardamom seed", "cardamon"], kind: "single", densityGPerMl: 0.4, pieceG: 0.2 },
    { id: "clove", name: "cloves", aka: ["clove", "whole clove", "ground clove"], kind: "single", pieceG: 0.1 },
    { id: "nutmeg", name: "nutmeg", aka: ["grated nutmeg", "ground nutmeg", "whole nutmeg"], densityGPerMl: 0.47 },
    { id: "mace", name: "mace", aka: ["blade mace", "ground mace"], densityGPerMl: 0.45 },
    { id: "allspice", name: "allspice", aka: ["pimento berry", "allspice berry", "ground allspice", "jamaica pepper"], densityGPerMl: 0.45 },
    { id: "star-anise", name: "star anise", kind: "single", pieceG: 1 },
    { id: "juniper-berries", name: "juniper berries", aka: ["juniper berry", "juniper"] },
    { id: "saffron", name: "saffron", aka: ["saffron thread", "saffron strand", "powdered saffron"] },
    { id: "fenugreek", name: "fenugreek", aka: ["fenugreek seed", "fenugreek leaf", "kasuri methi", "methi", "ground fenugreek"], families: ["legume"] },
    { id: "mustard-seeds", name: "mustard seeds", aka: ["mustard seed", "black mustard seed", "yellow mustard seed", "brown mustard seed"], contains: ["mustard"], densityGPerMl: 0.7 },
    { id: "mustard-powder", name: "mustard powder", us: "dry mustard", aka: ["english mustard powder", "ground mustard", "dry mustard powder"], holds: ["mustard-seeds"], contains: ["mustard"], doubts: ["wheat-filler"], densityGPerMl: 0.5 },
    { id: "celery-salt", name: "celery salt", contains: ["celery"], densityGPerMl: 1 },
    { id: "celery-seeds", name: "celery seeds", aka: ["celery seed"], families: ["umbellifer"], contains: ["celery"] },
    { id: "nigella-seeds", name: "nigella seeds", aka: ["nigella", "kalonji", "black onion seed", "black seed", "nigella seed"] },
    { id: "sumac", name: "sumac", aka: ["ground sumac"], doubts: ["sumac"], densityGPerMl: 0.5 },
    { id: "asafoetida", name: "asafoetida", us: "asafetida", aka: ["hing"], doubts: ["asafoetida"], kind: "composite" },
    { id: "garlic-powder", name: "garlic powder", aka: ["dried garlic", "garlic granules", "garlic flake", "black garlic", "granulated garlic"], families: ["allium"], holds: ["garlic"], doubts: ["spice-mill"], densityGPerMl: 0.6 },
    { id: "garlic-salt", name: "garlic salt", families: ["allium"], holds: ["garlic"], densityGPerMl: 1 },
    { id: "onion-powder", name: "onion powder", aka: ["dried onion", "onion granules", "onion flake", "minced onion dried", "onion salt"], families: ["allium"], holds: ["onion"], doubts: ["spice-mill"], densityGPerMl: 0.5 },
    { id: "dried-thyme", name: "dried thyme", families: ["herb"], holds: ["thyme"] },
    { id: "dried-oregano", name: "dried oregano", aka: ["dried marjoram", "mexican oregano", "greek oregano"], families: ["herb"], holds: ["oregano"], doubts: ["spice-mill"] },
    { id: "dried-herbs", name: "dried herbs", aka: ["dried mixed herbs", "italian seasoning", "herbes de provence", "italian herbs", "dried herb", "mixed dried herbs", "dried basil", "dried mint", "dried dill", "dried parsley", "dried rosemary", "dried sage", "dried tarragon", "rubbed sage", "poultry seasoning"], families: ["herb"], doubts: ["spice-mill"] },
    { id: "dried-curry-leaf", name: "dried curry leaf", plural: "dried curry leaves", families: ["herb"] },
    { id: "mixed-spice", name: "mixed spice", us: "pumpkin pie spice", aka: ["apple pie spice", "gingerbread spice", "quatre epices", "pumpkin spice", "five spice", "five-spice", "chinese five spice", "five-spice powder", "speculaas spice", "mulling spice", "mulled wine spice"], doubts: ["spice-mill"] },
    { id: "curry-powder", name: "curry powder", aka: ["madras curry powder", "mild curry powder", "curry", "curry mix"], doubts: ["spice-mix"], kind: "composite" },
    { id: "garam-masala", name: "garam masala", aka: ["tandoori masala", "tikka masala spice", "chaat masala", "biryani masala", "panch phoran", "sambar powder", "curry spice"], doubts: ["spice-mix"], kind: "composite" },
    { id: "ras-el-hanout", name: "ras el hanout", aka: ["baharat", "berbere", "shawarma spice", "advieh", "lebanese seven spice", "seven spice", "harissa spice", "jerk seasoning", "jerk spice", "cajun seasoning", "cajun spice", "creole seasoning", "taco seasoning", "fajita seasoning", "fajita mix", "barbecue seasoning", "bbq rub", "spice rub", "spice mix", "spice blend", "seasoning", "seasoning mix", "all-purpose seasoning", "chicken seasoning", "steak seasoning", "chicken salt", "seafood seasoning", "blackening spice", "peri-peri seasoning", "piri piri seasoning", "lemon pepper", "adobo seasoning", "dry rub", "seasoned salt", "ranch seasoning", "onion soup mix"], doubts: ["spice-mix"], kind: "composite" },
    { id: "zaatar", name: "za'atar", aka: ["zaatar", "zatar"], contains: ["sesame"], doubts: ["zaatar"], kind: "composite" },
    { id: "furikake", name: "furikake", aka: ["shichimi togarashi", "togarashi", "everything bagel seasoning"], contains: ["sesame"], doubts: ["furikake"], kind: "composite" },
    { id: "dried-lime", name: "dried lime", plural: "dried limes", aka: ["loomi", "limoo amani", "dried orange peel", "amchur", "mango powder", "anardana"], families: ["citrus"] },
    { id: "spices", name: "spices", aka: ["spice", "ground spices", "whole spices", "warm spices"], doubts: ["spice-mill"] },
    { id: "annatto", name: "annatto", aka: ["achiote", "achiote paste", "annatto seed"] },
    { id: "mahleb", name: "mahleb", aka: ["mahlepi", "tonka bean", "mastic", "sumac berry"] },
    { id: "lavender", name: "lavender", aka: ["culinary lavender", "dried rose petals", "dried hibiscus", "chamomile", "dried elderflower"] },
    { id: "liquorice-root", name: "liquorice root", us: "licorice root", aka: ["liquorice powder", "sassafras", "orris root"] }
  ]
};

// data/reference/foods/sweet-things.json
var sweet_things_default = {
  aisle: "sugar, spreads and sweets",
  storage: "cupboard",
  keepsDays: 365,
  kind: "plain",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "sugar", name: "sugar", us: "granulated sugar", aka: ["white sugar", "caster sugar", "castor sugar", "granulated sugar", "superfine sugar", "icing sugar", "powdered sugar", "confectioners' sugar", "golden caster sugar", "brown sugar", "light brown sugar", "dark brown sugar", "muscovado", "muscovado sugar", "demerara", "demerara sugar", "soft brown sugar", "turbinado", "turbinado sugar", "preserving sugar", "cane sugar", "raw sugar", "sugar cube", "beet sugar", "jam sugar", "vanilla sugar", "pearl sugar", "sanding sugar", "rock sugar", "raw cane sugar", "dark muscovado sugar", "light muscovado sugar", "cinnamon sugar", "golden granulated sugar", "nib sugar", "maple sugar", "date sugar"], densityGPerMl: 0.85 },
    { id: "palm-sugar", name: "palm sugar", aka: ["jaggery", "piloncillo", "panela", "rapadura", "gula melaka"], densityGPerMl: 0.9 },
    { id: "coconut-sugar", name: "coconut sugar", aka: ["coconut blossom sugar", "coconut nectar"], contains: ["coconut"], densityGPerMl: 0.8 },
    { id: "golden-syrup", name: "golden syrup", aka: ["cane syrup", "treacle", "black treacle", "molasses", "blackstrap molasses", "sugar syrup", "simple syrup", "invert syrup", "grenadine", "sorghum syrup", "beet syrup", "caramel syrup clear", "stock syrup", "dark treacle"], densityGPerMl: 1.4 },
    { id: "maple-syrup", name: "maple syrup", densityGPerMl: 1.33 },
    { id: "honey", name: "honey", aka: ["runny honey", "clear honey", "set honey", "acacia honey", "manuka honey", "honeycomb", "liquid honey", "raw honey"], contains: ["honey"], densityGPerMl: 1.42 },
    { id: "vegan-honey", name: "vegan honey", aka: ["bee-free honey", "date syrup", "date molasses", "silan", "agave", "agave syrup", "agave nectar", "rice syrup", "brown rice syrup", "yacon syrup", "date honey", "carob syrup", "apple syrup", "carob molasses", "grape molasses"], densityGPerMl: 1.38 },
    { id: "barley-malt-syrup", name: "barley malt syrup", us: "barley malt", aka: ["malt extract", "malt syrup", "barley syrup", "malt", "malted barley", "barley malt extract", "malt powder", "diastatic malt", "malt flour", "diastatic malt powder", "barley malt flour"], contains: ["barley"], densityGPerMl: 1.4 },
    { id: "glucose-syrup", name: "glucose syrup", us: "light corn syrup", aka: ["corn syrup", "liquid glucose", "glucose", "dextrose", "glucose powder", "dark corn syrup", "high-fructose corn syrup", "fructose"], densityGPerMl: 1.4 },
    { id: "sweetener", name: "sweetener", aka: ["stevia", "xylitol", "erythritol", "saccharin", "artificial sweetener", "monk fruit sweetener", "sugar substitute", "sucralose"], kind: "composite" },
    { id: "jam", name: "jam", aka: ["strawberry jam", "raspberry jam", "apricot jam", "marmalade", "orange marmalade", "fruit spread", "preserves", "conserve", "fig jam", "plum jam", "blackcurrant jam", "seedless raspberry jam", "grape jelly", "apricot preserve", "fruit preserves", "ginger preserve", "cherry jam"], doubts: ["jam"], densityGPerMl: 1.33 },
    { id: "lemon-curd", name: "lemon curd", aka: ["lime curd", "orange curd", "passion fruit curd", "fruit curd"], contains: ["egg", "milk"], doubts: ["butter-lactose"], kind: "composite", densityGPerMl: 1.3 },
    { id: "chocolate-hazelnut-spread", name: "chocolate hazelnut spread", us: "hazelnut spread", aka: ["hazelnut chocolate spread", "hazelnut cocoa spread"], contains: ["hazelnut"], doubts: ["choc-spread"], kind: "composite" },
    { id: "chocolate-spread", name: "chocolate spread", doubts: ["choc-spread-plain"], kind: "composite" },
    { id: "biscuit-spread", name: "biscuit spread", us: "cookie butter", aka: ["speculoos spread", "caramelised biscuit spread"], contains: ["wheat"], doubts: ["biscuit-spread"], kind: "composite" },
    { id: "dark-chocolate", name: "dark chocolate", us: "bittersweet chocolate", aka: ["chocolate", "plain chocolate", "semisweet chocolate", "70% chocolate", "cooking chocolate", "chocolate chip", "dark chocolate chips", "chocolate button", "couverture", "bittersweet chocolate", "unsweetened chocolate", "baking chocolate", "chocolate bar", "chocolate chunk", "chocolate chips", "chocolate shavings", "chocolate curls", "chocolate egg", "chocolates", "dark cooking chocolate", "chocolate sauce", "chocolate truffle", "ganache", "chocolate syrup", "semi-sweet chocolate", "chocolate coating"], doubts: ["chocolate"], kind: "composite" },
    { id: "milk-chocolate", name: "milk chocolate", aka: ["white chocolate", "milk chocolate chips", "white chocolate chips", "milk cooking chocolate", "caramelised white chocolate"], contains: ["milk", "lactose"], doubts: ["chocolate-line"], kind: "composite" },
    { id: "chocolate-cream", name: "chocolate cream", aka: ["chocolate mousse", "chocolate pudding", "hot fudge sauce", "chocolate fudge sauce", "hot fudge", "chocolate custard"], contains: ["milk", "lactose"], doubts: ["choc-mousse"], kind: "composite" },
    { id: "caramel-sauce", name: "caramel sauce", us: "caramel topping", aka: ["caramel", "salted caramel", "toffee sauce", "butterscotch sauce", "caramel candies", "toffee", "fudge", "butterscotch", "soft caramels", "caramels", "toffee popcorn", "butterscotch chips", "caramel bits", "tablet fudge", "caramel filling"], doubts: ["caramel"], kind: "composite" },
    { id: "marshmallow", name: "marshmallow", plural: "marshmallows", us: "marshmallows", aka: ["mini marshmallow", "marshmallow fluff", "marshmallow creme"], contains: ["gelatine"], doubts: ["marshmallow", "gelatine-pork"], kind: "composite" },
    { id: "vegan-marshmallow", name: "vegan marshmallow", plural: "vegan marshmallows", doubts: ["vegan-marshmallow"], kind: "composite" },
    { id: "nougat", name: "nougat", aka: ["turron", "torrone", "nougat bar"], contains: ["tree-nut"], doubts: ["nougat"], kind: "composite" },
    { id: "turkish-delight", name: "turkish delight", aka: ["lokum"], doubts: ["turkish"], kind: "composite" },
    { id: "jelly", name: "jelly", us: "gelatin dessert", aka: ["jelly cube", "jelly crystals", "gelatin dessert", "fruit jelly", "jelly dessert"], doubts: ["jelly", "gelatine-pork"], kind: "composite" },
    { id: "aspic", name: "aspic", aka: ["jello", "jell-o", "calf's foot jelly"], contains: ["gelatine"], doubts: ["gelatine-pork", "stock-meat"], kind: "composite" },
    { id: "panna-cotta", name: "panna cotta", aka: ["bavarois", "mousse", "posset", "syllabub", "semifreddo", "creme caramel", "creme brulee", "rice pudding", "blancmange", "fool", "eton mess", "rice pudding ready", "junket", "flan caramel", "custard tart"], contains: ["milk", "lactose"], doubts: ["set-cream"], kind: "composite", storage: "fridge", keepsDays: 5 },
    { id: "sweets", name: "sweets", us: "candy", aka: ["candy", "boiled sweet", "gummy", "gummy bear", "gummies", "jelly baby", "candies", "lollipop", "jelly bean", "jellybean", "fruit gum", "wine gum", "chewing gum", "liquorice", "licorice", "liquorice allsorts", "mint sweets", "pastille", "candy cane", "sherbet", "gumdrop", "hard candy", "rock candy", "chewy sweets", "toffee apple", "fruit pastille"], doubts: ["sweets"], kind: "composite" },
    { id: "carob", name: "carob", aka: ["carob powder", "carob chip", "carob chips", "carob flour"], families: ["legume"], doubts: ["carob"] },
    { id: "rose-jam", name: "rose jam", aka: ["rose syrup", "elderflower cordial", "cordial", "squash drink", "fruit syrup", "blackcurrant cordial", "lime cordial", "lavender syrup", "ginger syrup", "vanilla syrup", "coffee syrup"], doubts: ["fruit-syrup"] },
    { id: "orgeat", name: "orgeat", aka: ["almond syrup", "orgeat syrup"], contains: ["almond"], kind: "composite" }
  ]
};

// data/reference/foods/tins-and-jars.json
var tins_and_jars_default = {
  aisle: "tins and jars",
  storage: "cupboard",
  keepsDays: 700,
  kind: "composite",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "coconut-milk", name: "coconut milk", us: "canned coconut milk", aka: ["tinned coconut milk", "light coconut milk", "full-fat coconut milk", "canned coconut milk", "coconut milk powder"], contains: ["coconut"], doubts: ["tinned-coconut"], kind: "plain", densityGPerMl: 1 },
    { id: "coconut-cream", name: "coconut cream", aka: ["creamed coconut", "block coconut", "coconut block", "coconut butter", "coconut manna", "cream of coconut"], contains: ["coconut"], doubts: ["tinned-coconut"], kind: "plain", densityGPerMl: 0.97 },
    { id: "tinned-tuna", name: "tinned tuna", us: "canned tuna", aka: ["tuna", "tuna in brine", "tuna in oil", "tuna in spring water", "canned tuna", "tuna chunks"], contains: ["fish"], doubts: ["tinned-fish"], kind: "plain" },
    { id: "tinned-sardines", name: "tinned sardines", us: "canned sardines", aka: ["sardine", "sardines in oil", "tinned mackerel", "tinned salmon", "canned salmon", "sild", "brisling", "pilchards in tomato sauce"], contains: ["fish"], doubts: ["tinned-fish"], kind: "plain" },
    { id: "tinned-sweetcorn", name: "tinned sweetcorn", us: "canned corn", aka: ["creamed corn", "canned sweetcorn", "cream-style corn"], families: ["maize"], kind: "plain" },
    { id: "tinned-peas", name: "tinned peas", us: "canned peas", aka: ["tinned carrots", "tinned potatoes", "canned vegetables", "tinned vegetables", "tinned green beans"], kind: "plain" },
    { id: "roasted-red-peppers", name: "roasted red peppers", us: "jarred roasted red peppers", aka: ["roasted pepper", "roasted red pepper", "jarred peppers", "piquillo pepper", "pimiento", "pimento", "grilled peppers"], families: ["nightshade"], doubts: ["pickled-plain"], kind: "plain" },
    { id: "artichoke-hearts-in-oil", name: "artichoke hearts in oil", us: "marinated artichokes", aka: ["marinated artichoke", "tinned artichoke hearts", "grilled artichokes", "antipasti", "antipasto", "marinated vegetables"], families: ["daisy"], doubts: ["pickled-plain"] },
    { id: "tinned-peaches", name: "tinned peaches", us: "canned peaches", aka: ["tinned pears", "tinned pineapple", "canned pineapple", "tinned fruit", "fruit cocktail", "pineapple rings", "tinned apricots", "canned fruit", "pineapple chunks", "canned pears", "tinned mandarins", "tinned cherries", "canned pumpkin", "pumpkin puree", "tinned lychees", "pie filling", "cherry pie filling", "apple pie filling"], kind: "plain" },
    { id: "soup", name: "soup", aka: ["tinned soup", "tomato soup", "mushroom soup", "cream of mushroom soup", "vegetable soup", "minestrone", "chowder", "cream of chicken soup", "soup mix", "lentil soup", "ramen broth", "pea soup", "instant soup", "gazpacho", "canned soup", "condensed soup"], doubts: ["soup"] },
    { id: "miso-soup", name: "miso soup", contains: ["soy"], doubts: ["miso", "dashi-maybe"] },
    { id: "chilli-con-carne", name: "chilli con carne", aka: ["bolognese", "stew", "casserole", "ragu", "goulash", "curry ready meal", "bolognaise", "beef stew", "shepherd's pie", "cottage pie", "lasagne ready meal", "moussaka", "ready meal", "paella", "jambalaya", "pot roast", "hotpot", "fish pie", "risotto", "shepherds pie"], doubts: ["ready-meal"] },
    { id: "quesadilla", name: "quesadilla", plural: "quesadillas", aka: ["burrito", "fajita", "enchilada", "chimichanga", "nachos with cheese", "tacos al pastor"], doubts: ["ready-meal", "tortilla"] },
    { id: "cheese-on-toast", name: "cheese on toast", us: "grilled cheese sandwich", aka: ["grilled cheese", "welsh rarebit", "rarebit", "croque monsieur", "cheese toastie", "cheese sandwich"], contains: ["wheat", "milk"], doubts: ["loaf", "mac"] },
    { id: "macaroni-cheese", name: "macaroni cheese", us: "mac and cheese", aka: ["creamed spinach", "potato gratin", "gratin dauphinois", "dauphinoise potatoes", "mac n cheese", "macaroni and cheese", "cauliflower cheese"], contains: ["milk", "lactose"], doubts: ["mac"] },
    { id: "lasagne-al-forno", name: "lasagne al forno", aka: ["meat lasagne", "vegetable lasagne", "carbonara", "spaghetti carbonara", "spaghetti bolognese"], contains: ["wheat"], doubts: ["ready-meal"] },
    { id: "sushi", name: "sushi", aka: ["sushi roll", "maki", "nigiri", "sashimi", "poke"], contains: ["fish"], doubts: ["asian-sauce", "shell-maybe"] },
    { id: "stir-fry", name: "stir fry", aka: ["stir-fry", "pad thai", "fried rice", "egg fried rice", "biryani", "pilaf", "pulao", "kedgeree", "nasi goreng", "bibimbap", "thai curry", "tikka masala", "korma", "dhansak", "vindaloo", "saag", "tagine", "gumbo", "laksa", "pho", "ramen bowl", "tom yum", "rendang", "massaman"], doubts: ["ready-meal", "curry-sauce"] },
    { id: "dolma", name: "dolma", aka: ["dolmades", "stuffed vine leaves"], doubts: ["dolma"] }
  ]
};

// data/reference/foods/vegetables.json
var vegetables_default = {
  aisle: "vegetables",
  storage: "fridge",
  keepsDays: 7,
  kind: "single",
  source: "usual composition of foods sold under these names; weights and storage by household measure",
  foods: [
    { id: "red-pepper", name: "red pepper", plural: "red peppers", us: "red bell pepper", aka: ["sweet red pepper", "red capsicum"], families: ["nightshade"], pieceG: 150 },
    { id: "green-pepper", name: "green pepper", plural: "green peppers", us: "green bell pepper", aka: ["green capsicum"], families: ["nightshade"], pieceG: 150 },
    { id: "yellow-pepper", name: "yellow pepper", plural: "yellow peppers", us: "yellow bell pepper", aka: ["yellow capsicum", "orange pepper"], families: ["nightshade"], pieceG: 150 },
    { id: "sweet-pepper", name: "sweet pepper", plural: "sweet peppers", us: "bell pepper", aka: ["romano pepper", "pointed pepper"], pluralAka: ["peppers"], families: ["nightshade"], pieceG: 150 },
    { id: "garlic", name: "garlic", aka: ["garlic clove", "clove of garlic", "garlic bulb", "head of garlic", "elephant garlic"], families: ["allium"], pieceG: 4, storage: "cellar", keepsDays: 60 },
    { id: "wild-garlic", name: "wild garlic", aka: ["ramsons", "wild garlic leaves", "ramps"], families: ["allium", "leaf"] },
    { id: "garlic-greens", name: "garlic greens", aka: ["green garlic", "garlic scapes", "garlic chives", "garlic leaves", "chinese chives"], families: ["allium"], holds: ["garlic"] },
    { id: "onion", name: "onion", plural: "onions", aka: ["brown onion", "yellow onion", "white onion", "spanish onion", "cooking onion"], families: ["allium"], pieceG: 140, storage: "cellar", keepsDays: 40 },
    { id: "red-onion", name: "red onion", plural: "red onions", families: ["allium"], pieceG: 140, storage: "cellar", keepsDays: 40 },
    { id: "spring-onion", name: "spring onion", plural: "spring onions", us: "green onion", aka: ["scallion", "salad onion"], families: ["allium"], pieceG: 15 },
    { id: "shallot", name: "shallot", plural: "shallots", aka: ["banana shallot", "eschalot", "echalion"], families: ["allium"], pieceG: 30, storage: "cellar", keepsDays: 30 },
    { id: "leek", name: "leek", plural: "leeks", aka: ["baby leek"], families: ["allium"], pieceG: 200 },
    { id: "pickling-onion", name: "pickling onion", plural: "pickling onions", aka: ["pearl onion", "baby onion", "silverskin onion"], families: ["allium"], pieceG: 15, storage: "cellar", keepsDays: 30 },
    { id: "carrot", name: "carrot", plural: "carrots", aka: ["baby carrot", "chantenay carrot", "heritage carrot"], families: ["umbellifer", "root"], pieceG: 80, keepsDays: 21 },
    { id: "parsnip", name: "parsnip", plural: "parsnips", families: ["umbellifer", "root"], pieceG: 120, keepsDays: 21 },
    { id: "turnip", name: "turnip", plural: "turnips", aka: ["baby turnip"], families: ["brassica", "root"], pieceG: 120, keepsDays: 21 },
    { id: "swede", name: "swede", plural: "swedes", us: "rutabaga", aka: ["yellow turnip", "neep"], families: ["brassica", "root"], pieceG: 700, keepsDays: 21 },
    { id: "beetroot", name: "beetroot", plural: "beetroots", us: "beet", aka: ["beetroots", "golden beetroot", "candied beetroot"], families: ["root"], pieceG: 120, keepsDays: 14 },
    { id: "celeriac", name: "celeriac", us: "celery root", families: ["umbellifer", "root"], contains: ["celery"], pieceG: 700, keepsDays: 14 },
    { id: "celery", name: "celery", aka: ["celery stick", "celery stalk", "celery rib", "celery heart", "celery leaf"], families: ["umbellifer"], contains: ["celery"], pieceG: 40, keepsDays: 10 },
    { id: "radish", name: "radish", plural: "radishes", aka: ["breakfast radish"], families: ["brassica", "root"], pieceG: 15 },
    { id: "mooli", name: "mooli", us: "daikon", aka: ["white radish", "daikon radish"], families: ["brassica", "root"], pieceG: 400 },
    { id: "black-radish", name: "black radish", plural: "black radishes", families: ["brassica", "root"], pieceG: 150 },
    { id: "horseradish", name: "horseradish", aka: ["grated horseradish", "fresh horseradish", "horseradish root"], families: ["brassica", "root"], densityGPerMl: 0.9 },
    { id: "wasabi-root", name: "wasabi root", aka: ["fresh wasabi"], families: ["brassica"] },
    { id: "jerusalem-artichoke", name: "jerusalem artichoke", plural: "jerusalem artichokes", us: "sunchoke", families: ["root", "daisy"], pieceG: 60 },
    { id: "salsify", name: "salsify", aka: ["black salsify", "scorzonera"], families: ["root", "daisy"] },
    { id: "kohlrabi", name: "kohlrabi", families: ["brassica"], pieceG: 250 },
    { id: "potato", name: "potato", plural: "potatoes", aka: ["floury potato", "waxy potato", "new potato", "baking potato", "jacket potato", "russet", "maris potato", "roasting potato", "salad potato", "fingerling potato", "baby potato"], families: ["nightshade", "root"], pieceG: 170, storage: "cellar", keepsDays: 30 },
    { id: "sweet-potato", name: "sweet potato", plural: "sweet potatoes", aka: ["kumara", "orange sweet potato"], families: ["root"], pieceG: 250, storage: "cellar", keepsDays: 21 },
    { id: "yam", name: "yam", plural: "yams", aka: ["true yam", "white yam"], families: ["root"], storage: "cellar", keepsDays: 21 },
    { id: "cassava", name: "cassava", aka: ["yuca", "manioc"], families: ["root"], storage: "cellar" },
    { id: "taro", name: "taro", aka: ["eddoe", "dasheen", "coco yam"], families: ["root"], storage: "cellar" },
    { id: "yacon", name: "yacon", aka: ["oca", "mashua"], families: ["root", "daisy"], storage: "cellar" },
    { id: "lotus-root", name: "lotus root", plural: "lotus roots", families: ["root"] },
    { id: "tomato", name: "tomato", plural: "tomatoes", aka: ["vine tomato", "plum tomato", "beef tomato", "beefsteak tomato", "roma tomato", "heritage tomato", "heirloom tomato"], families: ["nightshade"], pieceG: 110, storage: "counter", keepsDays: 5 },
    { id: "cherry-tomato", name: "cherry tomato", plural: "cherry tomatoes", aka: ["baby plum tomato", "grape tomato"], families: ["nightshade"], pieceG: 15, storage: "counter", keepsDays: 5 },
    { id: "green-tomato", name: "green tomato", plural: "green tomatoes", families: ["nightshade"], pieceG: 110, storage: "counter" },
    { id: "tomatillo", name: "tomatillo", plural: "tomatillos", families: ["nightshade"], pieceG: 35 },
    { id: "aubergine", name: "aubergine", plural: "aubergines", us: "eggplant", aka: ["brinjal", "baby aubergine"], families: ["nightshade"], pieceG: 300 },
    { id: "chilli", name: "chilli", plural: "chillies", us: "chile pepper", aka: ["chili", "chile", "chiles", "chilies", "red chilli", "green chilli", "bird's eye chilli", "jalapeno", "serrano", "habanero", "scotch bonnet", "poblano", "hot pepper", "padron pepper", "finger chilli", "thai chilli"], families: ["nightshade", "chilli"], pieceG: 10 },
    { id: "cucumber", name: "cucumber", plural: "cucumbers", aka: ["baby cucumber", "persian cucumber", "ridge cucumber"], families: ["gourd"], pieceG: 350 },
    { id: "courgette", name: "courgette", plural: "courgettes", us: "zucchini", aka: ["zucchinis", "baby courgette", "courgette flower"], families: ["gourd"], pieceG: 200 },
    { id: "marrow", name: "marrow", plural: "marrows", families: ["gourd"], pieceG: 900 },
    { id: "pumpkin", name: "pumpkin", plural: "pumpkins", families: ["gourd"], storage: "cellar", keepsDays: 60 },
    { id: "butternut-squash", name: "butternut squash", aka: ["butternut", "butternut pumpkin"], families: ["gourd"], pieceG: 1e3, storage: "cellar", keepsDays: 60 },
    { id: "acorn-squash", name: "acorn squash", families: ["gourd"], pieceG: 700, storage: "cellar", keepsDays: 60 },
    { id: "squash", name: "squash", aka: ["winter squash", "kabocha", "onion squash", "crown prince squash", "spaghetti squash", "buttercup squash", "delicata squash", "summer squash", "pattypan squash", "gem squash"], families: ["gourd"], storage: "cellar", keepsDays: 60 },
    { id: "bitter-melon", name: "bitter melon", aka: ["bitter gourd", "karela"], families: ["gourd"] },
    { id: "okra", name: "okra", aka: ["bhindi", "gumbo pods", "okra pod"], pieceG: 12 },
    { id: "sweetcorn", name: "sweetcorn", us: "corn", aka: ["corn on the cob", "corn cob", "sweetcorn kernels", "baby corn", "corn kernels", "baby sweetcorn", "ear of corn", "hominy"], families: ["maize"], pieceG: 180 },
    { id: "broccoli", name: "broccoli", aka: ["tenderstem broccoli", "sprouting broccoli", "purple sprouting broccoli", "broccolini", "broccoli floret", "calabrese"], families: ["brassica"], pieceG: 350 },
    { id: "cauliflower", name: "cauliflower", plural: "cauliflowers", aka: ["cauliflower floret", "cauliflower rice"], families: ["brassica"], pieceG: 700 },
    { id: "romanesco", name: "romanesco", families: ["brassica"], pieceG: 600 },
    { id: "white-cabbage", name: "white cabbage", plural: "white cabbages", aka: ["green cabbage", "dutch cabbage"], families: ["brassica", "leaf"], pieceG: 1e3, keepsDays: 21 },
    { id: "red-cabbage", name: "red cabbage", plural: "red cabbages", families: ["brassica", "leaf"], pieceG: 900, keepsDays: 21 },
    { id: "savoy-cabbage", name: "savoy cabbage", plural: "savoy cabbages", aka: ["january king cabbage"], families: ["brassica", "leaf"], pieceG: 800 },
    { id: "cabbage", name: "cabbage", plural: "cabbages", aka: ["pointed cabbage", "hispi cabbage", "sweetheart cabbage", "cabbage leaf", "coleslaw mix"], families: ["brassica", "leaf"], pieceG: 800 },
    { id: "chinese-leaf", name: "chinese leaf", plural: "chinese leaves", us: "napa cabbage", aka: ["chinese cabbage", "napa"], families: ["brassica", "leaf"], pieceG: 700 },
    { id: "pak-choi", name: "pak choi", us: "bok choy", aka: ["pak choy", "bok choi", "choy sum", "tatsoi", "gai lan", "chinese broccoli"], families: ["brassica", "leaf"], pieceG: 120 },
    { id: "brussels-sprout", name: "brussels sprout", plural: "brussels sprouts", aka: ["sprouts", "brussel sprout"], families: ["brassica"], pieceG: 20 },
    { id: "sprout-tops", name: "sprout tops", aka: ["kalettes", "flower sprouts"], families: ["brassica", "leaf"] },
    { id: "kale", name: "kale", aka: ["curly kale", "cavolo nero", "tuscan kale", "lacinato kale", "black kale", "baby kale"], families: ["brassica", "leaf"] },
    { id: "spring-greens", name: "spring greens", us: "collard greens", aka: ["collards", "greens", "turnip greens", "beet greens", "dandelion greens"], families: ["brassica", "leaf"] },
    { id: "mustard-greens", name: "mustard greens", aka: ["mustard leaf", "mizuna", "mustard cress"], families: ["brassica", "leaf"], contains: ["mustard"] },
    { id: "spinach", name: "spinach", aka: ["baby spinach", "spinach leaf", "young leaf spinach", "water spinach", "new zealand spinach"], families: ["leaf"], keepsDays: 4 },
    { id: "chard", name: "chard", us: "swiss chard", aka: ["rainbow chard", "silverbeet"], families: ["leaf"], keepsDays: 4 },
    { id: "sorrel", name: "sorrel", families: ["leaf"], keepsDays: 4 },
    { id: "rocket", name: "rocket", us: "arugula", aka: ["wild rocket", "rucola"], families: ["brassica", "leaf"], keepsDays: 4 },
    { id: "watercress", name: "watercress", aka: ["cress", "land cress", "salad cress", "garden cress"], families: ["brassica", "leaf"], keepsDays: 4 },
    { id: "lettuce", name: "lettuce", plural: "lettuces", aka: ["little gem", "gem lettuce", "cos lettuce", "romaine", "romaine lettuce", "iceberg", "iceberg lettuce", "butterhead lettuce", "butter lettuce", "oak leaf lettuce", "salad leaf", "mixed leaf", "salad leaves", "mesclun", "bibb lettuce", "lollo rosso", "batavia"], families: ["leaf", "daisy"], pieceG: 300, keepsDays: 5 },
    { id: "lambs-lettuce", name: "lamb's lettuce", us: "mache", aka: ["corn salad", "purslane"], families: ["leaf"], keepsDays: 4 },
    { id: "endive", name: "endive", aka: ["curly endive", "frisee", "escarole"], families: ["leaf", "daisy"], keepsDays: 6 },
    { id: "chicory", name: "chicory", us: "belgian endive", aka: ["red chicory", "witloof", "catalogna", "puntarelle"], families: ["leaf", "daisy"], pieceG: 120 },
    { id: "radicchio", name: "radicchio", aka: ["treviso"], families: ["leaf", "daisy"], pieceG: 250 },
    { id: "fennel", name: "fennel", aka: ["fennel bulb", "florence fennel", "fennel fronds"], families: ["umbellifer"], pieceG: 250 },
    { id: "asparagus", name: "asparagus", aka: ["asparagus spear", "white asparagus", "green asparagus"], pieceG: 20, keepsDays: 3 },
    { id: "globe-artichoke", name: "globe artichoke", plural: "globe artichokes", us: "artichoke", aka: ["artichokes", "baby artichoke", "artichoke heart"], families: ["daisy"], pieceG: 300 },
    { id: "cardoon", name: "cardoon", plural: "cardoons", families: ["daisy"] },
    { id: "samphire", name: "samphire", us: "sea beans", aka: ["marsh samphire", "salicornia"] },
    { id: "rhubarb", name: "rhubarb", aka: ["forced rhubarb", "rhubarb stalk"], pieceG: 60 },
    { id: "pea", name: "pea", plural: "peas", us: "green peas", aka: ["garden peas", "fresh peas", "petits pois", "english peas", "pea pods"], families: ["legume"] },
    { id: "mangetout", name: "mangetout", us: "snow peas", aka: ["sugar snap peas", "sugar snaps", "snow pea", "mange tout", "sugarsnap"], families: ["legume"] },
    { id: "pea-shoots", name: "pea shoots", aka: ["pea sprouts", "pea tendrils"], families: ["legume", "leaf"], keepsDays: 4 },
    { id: "green-beans", name: "green bean", plural: "green beans", us: "string bean", aka: ["french bean", "fine bean", "haricots verts", "snap bean", "dwarf bean", "wax bean"], families: ["legume"] },
    { id: "runner-bean", name: "runner bean", plural: "runner beans", aka: ["stick bean", "flat bean", "helda bean", "yardlong bean"], families: ["legume"] },
    { id: "broad-bean", name: "broad bean", plural: "broad beans", us: "fava bean", aka: ["favas", "fava"], families: ["legume"] },
    { id: "bean-sprouts", name: "bean sprouts", aka: ["beansprouts", "mung bean sprouts"], families: ["legume"], keepsDays: 3 },
    { id: "alfalfa-sprouts", name: "alfalfa sprouts", aka: ["sprouted seeds", "radish sprouts", "microgreens", "micro herbs", "broccoli sprouts"], families: ["legume"], keepsDays: 3 },
    { id: "mushroom", name: "mushroom", plural: "mushrooms", aka: ["button mushroom", "chestnut mushroom", "cremini", "portobello", "portobello mushroom", "field mushroom", "flat mushroom", "baby bella", "white mushroom", "closed cup mushroom"], families: ["mushroom"], pieceG: 20, keepsDays: 5 },
    { id: "oyster-mushroom", name: "oyster mushroom", plural: "oyster mushrooms", aka: ["king oyster mushroom", "eryngii"], families: ["mushroom"], keepsDays: 5 },
    { id: "shiitake", name: "shiitake", aka: ["shiitake mushroom", "shiitakes"], families: ["mushroom"], keepsDays: 5 },
    { id: "wild-mushroom", name: "wild mushroom", plural: "wild mushrooms", aka: ["chanterelle", "girolle", "cep", "morel", "hedgehog mushroom", "hen of the woods", "maitake", "enoki", "enoki mushroom", "shimeji", "beech mushroom", "straw mushroom", "chicken of the woods", "lion's mane mushroom", "exotic mushroom"], families: ["mushroom"], keepsDays: 4 },
    { id: "truffle", name: "truffle", plural: "truffles", aka: ["black truffle", "fresh truffle", "summer truffle"], families: ["mushroom"], keepsDays: 5 },
    { id: "bamboo-shoots", name: "bamboo shoots", aka: ["bamboo shoot"] },
    { id: "water-chestnut", name: "water chestnut", plural: "water chestnuts", pieceG: 12 },
    { id: "palm-heart", name: "palm heart", plural: "palm hearts", aka: ["hearts of palm", "heart of palm"] },
    { id: "celtuce", name: "celtuce", aka: ["stem lettuce"], families: ["daisy"] },
    { id: "nettle", name: "nettle", plural: "nettles", aka: ["nettle tops", "young nettles"], families: ["leaf"] },
    { id: "vine-leaf", name: "vine leaf", plural: "vine leaves", us: "grape leaf", aka: ["grape leaves", "dolma leaves"], families: ["leaf"] },
    { id: "banana-leaf", name: "banana leaf", plural: "banana leaves", aka: ["pandan", "pandan leaf", "ti leaf"] },
    { id: "nopal", name: "nopal", plural: "nopals", aka: ["cactus pad", "nopales"] },
    { id: "jicama", name: "jicama", aka: ["yam bean"], families: ["legume", "root"] },
    { id: "edible-flower", name: "edible flower", plural: "edible flowers", aka: ["nasturtium", "viola", "pansy", "borage flower", "marigold petals", "cornflower", "elderflower", "courgette blossom", "rose petals", "dried hibiscus flowers"] },
    { id: "breadfruit", name: "breadfruit", aka: ["ackee", "plantain flower"] },
    { id: "plantain", name: "plantain", plural: "plantains", aka: ["green plantain", "ripe plantain"], pieceG: 200, storage: "counter" },
    { id: "fiddlehead", name: "fiddlehead", plural: "fiddleheads", aka: ["fern tips", "warabi"] },
    { id: "sea-kale", name: "sea kale", aka: ["sea beet", "sea purslane"], families: ["leaf"] }
  ]
};

// data/reference/families.json
var families_default = [
  { id: "allium", name: "onions and garlic", note: "onion, garlic, leek, shallot, chives and all their kin", source: "botany: genus Allium" },
  { id: "berry", name: "berries", note: "soft fruit; not grapes or tomatoes, which only botany calls berries", source: "kitchen usage" },
  { id: "brassica", name: "cabbage family", note: "cabbages, mustards, radishes, cress, rocket, horseradish", source: "botany: family Brassicaceae" },
  { id: "caffeine", name: "coffee and tea", note: "drinks with caffeine; chocolate holds some too", source: "kitchen usage" },
  { id: "chilli", name: "chillies and paprika", note: "hot and mild, fresh, dried and in sauces", source: "botany: genus Capsicum, ground or hot" },
  { id: "citrus", name: "citrus fruit", note: "fruit, juice, zest and leaf", source: "botany: genus Citrus" },
  { id: "dairy", name: "milk products", note: "of any animal; for an allergy choose milk instead", source: "kitchen usage" },
  { id: "daisy", name: "daisy family", note: "lettuce, chicory, artichoke, tarragon, salsify", source: "botany: family Asteraceae" },
  { id: "gourd", name: "cucumbers, squashes and melons", note: "the gourd family", source: "botany: family Cucurbitaceae" },
  { id: "grain", name: "grains", note: "all cereals, with or without gluten", source: "kitchen usage" },
  { id: "herb", name: "leafy herbs", note: "fresh and dried", source: "kitchen usage" },
  { id: "leaf", name: "leaves and greens", note: "salad and cooking leaves", source: "kitchen usage" },
  { id: "legume", name: "pulses and legumes", note: "beans, peas, lentils, soya, peanut, lupin, fenugreek, carob", source: "botany: family Fabaceae" },
  { id: "maize", name: "maize", note: "sweetcorn, cornmeal, cornflour, popcorn; syrups and starches of maize are not followed", source: "botany: Zea mays" },
  { id: "mushroom", name: "mushrooms", note: "fresh and dried, truffles too", source: "kitchen usage" },
  { id: "nightshade", name: "nightshades", note: "tomato, potato, pepper, aubergine, chilli, paprika", source: "botany: family Solanaceae" },
  { id: "nut", name: "nuts as a food", note: "for an allergy choose tree nuts instead: that also follows traces", source: "kitchen usage" },
  { id: "offal", name: "offal", note: "liver, kidney and other inner parts", source: "kitchen usage" },
  { id: "oily-fish", name: "oily fish", note: "salmon, mackerel, herring, trout", source: "kitchen usage" },
  { id: "pome", name: "apples, pears and quinces", note: "often avoided by people with birch pollen allergy", source: "botany: tribe Maleae" },
  { id: "red-meat", name: "red meat", note: "beef, lamb, pork, veal, goat", source: "kitchen usage" },
  { id: "root", name: "roots and tubers", note: "what grows under the ground", source: "kitchen usage" },
  { id: "shellfish", name: "shellfish as a food", note: "for an allergy choose crustaceans or molluscs instead: that also follows traces", source: "kitchen usage" },
  { id: "stone-fruit", name: "stone fruit", note: "plum, peach, apricot, cherry; almond is a close relative", source: "botany: genus Prunus" },
  { id: "tropical-fruit", name: "tropical fruit", note: "mango, pineapple, papaya, kiwi and the like", source: "kitchen usage" },
  { id: "umbellifer", name: "carrot family", note: "carrot, celery, parsley, dill, cumin, coriander, fennel", source: "botany: family Apiaceae" },
  { id: "white-fish", name: "white fish", note: "cod, haddock, sole and the like", source: "kitchen usage" }
];

// packages/core/src/reference/families.ts
var FamilyRow = strictObject({ id: string(), name: string(), note: string(), source: string() });
var families = parse(array(FamilyRow), families_default);
var FamilyId = pipe(picklist(families.map((family) => family.id), "This family of foods is not known."), brand("FamilyId"));
function familyOf(id) {
  const family = families.find((each) => each.id === id);
  if (!family) throw new Error(`No family "${id}" in data/reference/families.json`);
  return family;
}

// packages/core/src/reference/foods.ts
var FoodId = pipe(string(), regex(/^[a-z0-9][a-z0-9-]{0,63}$/, "A food id is lower-case words joined by hyphens."), brand("FoodId"));
var DoubtRow = strictObject({
  id: string(),
  hazards: array(HazardId),
  /** One clause, lower case: why the label decides. */
  why: string(),
  /** It is about traces from shared lines and slabs, not about ingredients. */
  trace: optional(boolean(), false),
  /** The group it names is only possible although one of its members is contained: gluten taken out of wheat starch. */
  lifts: optional(boolean(), false),
  /** Reading the list does not settle it, only this claim on the label does: oats are never clear for a coeliac unless called gluten-free. */
  settledBy: optional(literal("gluten-free"))
});
var FoodKind = picklist(["single", "plain", "composite"], "A food is single, plain or composite.");
var Storage = picklist(["cupboard", "counter", "cellar", "fridge", "freezer"], "Food is kept in the cupboard, on the counter, in the cellar, fridge or freezer.");
var FoodRow = strictObject({
  id: FoodId,
  name: string(),
  plural: optional(string()),
  /** What Americans call it, where that is another word. */
  us: optional(string()),
  /** Other names, kinds and cuts that are the same for the table. */
  aka: optional(array(string()), []),
  /** Names that mean it only in the plural: "peppers" are vegetables, "pepper" is the spice. */
  pluralAka: optional(array(string()), []),
  /** Families a guest can avoid as a whole. */
  families: optional(array(FamilyId), []),
  /** Foods it is made from by its nature: garlic powder from garlic, hummus from chickpeas and tahini. */
  holds: optional(array(FoodId), []),
  /** What a plain product of this name holds; silence about it would be a danger. */
  contains: optional(array(HazardId), []),
  /** Why its label decides: ids of doubts. */
  doubts: optional(array(string()), []),
  kind: optional(FoodKind),
  densityGPerMl: optional(pipe(number(), minValue(0.05), maxValue(2))),
  /** Edible mass of one piece in g. */
  pieceG: optional(pipe(number(), minValue(0.1))),
  storage: optional(Storage),
  /** Days it keeps at home, unopened or whole, where it is stored. */
  keepsDays: optional(pipe(number(), integer(), minValue(1)))
});
var Shelf = strictObject({ aisle: string(), storage: Storage, keepsDays: number(), kind: FoodKind, source: string(), foods: array(FoodRow) });
var doubts = new Map(parse(array(DoubtRow), doubts_default).map((doubt) => [doubt.id, doubt]));
var shelves = parse(array(Shelf), [
  vegetables_default,
  fruit_default,
  fresh_herbs_default,
  meat_default,
  cured_meat_default,
  fish_default,
  dairy_and_eggs_default,
  plant_dairy_default,
  bakery_default,
  flours_and_baking_default,
  grains_and_pasta_default,
  pulses_default,
  nuts_and_seeds_default,
  dried_fruit_default,
  spices_default,
  oils_and_vinegars_default,
  sauces_and_condiments_default,
  tins_and_jars_default,
  sweet_things_default,
  snacks_default,
  frozen_default,
  drinks_default
]);
function possibleOf(id, names) {
  const found = /* @__PURE__ */ new Map();
  for (const name of names) {
    const doubt = doubts.get(name);
    if (!doubt) throw new Error(`Food "${id}" names the doubt "${name}", which is not in data/reference/doubts.json`);
    for (const hazard of doubt.hazards) if (!found.has(hazard) || found.get(hazard).trace && !doubt.trace) found.set(hazard, { hazard, why: doubt.why, trace: doubt.trace, lifts: doubt.lifts, settledBy: doubt.settledBy });
  }
  return [...found.values()];
}
var foods = shelves.flatMap(
  (shelf) => shelf.foods.map(({ doubts: names, ...row }) => ({
    ...row,
    possible: possibleOf(row.id, names).filter(({ hazard }) => !row.contains.includes(hazard)),
    kind: row.kind ?? shelf.kind,
    aisle: shelf.aisle,
    storage: row.storage ?? shelf.storage,
    keepsDays: row.keepsDays ?? shelf.keepsDays,
    source: shelf.source
  }))
);
var byId2 = new Map(foods.map((food) => [food.id, food]));
function foodOf(id) {
  return byId2.get(id);
}
function madeFrom(food, find = foodOf) {
  const all = /* @__PURE__ */ new Map();
  const visit = (each) => {
    if (all.has(each.id)) return;
    all.set(each.id, each);
    for (const id of each.holds) {
      const part = find(id);
      if (part) visit(part);
    }
  };
  visit(food);
  return [...all.values()];
}
function familiesOf(food, find = foodOf) {
  return new Set(madeFrom(food, find).flatMap((each) => each.families));
}

// data/reference/substitutions/cheese.json
var cheese_default = [
  { id: "yeast-for-cheese", role: "hard-cheese", replaces: ["aged-hard-cheese"], with: [{ food: "nutritional-yeast", ratio: 0.25 }], technique: "No melt; mix it into the crumb with a little oil and salt.", closeness: 2, source: "kitchen practice" },
  { id: "plant-cheese-for-cheese", role: "hard-cheese", replaces: ["aged-hard-cheese"], with: [{ food: "plant-cheese", ratio: 1 }], technique: "Melts under a lid, browns late.", closeness: 3, source: "kitchen practice" },
  { id: "plant-melting", role: "melting-cheese", replaces: ["cheddar", "gruyere", "mozzarella", "cheese"], with: [{ food: "plant-cheese", ratio: 1 }], technique: "Grate fine and cover while it melts; read the label for milk protein, nuts and soy.", closeness: 3, source: "kitchen practice" },
  { id: "cashew-melting", role: "melting-cheese", replaces: ["mozzarella", "cheddar", "gruyere", "cheese"], with: [{ food: "cashews", ratio: 0.35 }, { food: "tapioca-flour", ratio: 0.08 }, { food: "water", ratio: 0.57 }], technique: "Blend, then stir over heat until it pulls strings.", addMin: 15, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "bechamel-melting", role: "melting-cheese", replaces: ["cheddar", "gruyere", "cheese", "mozzarella"], with: [{ food: "oat-drink", ratio: 0.8 }, { food: "cornflour", ratio: 0.06 }, { food: "nutritional-yeast", ratio: 0.08 }], technique: "A thick sauce over the top, grilled.", addMin: 6, closeness: 2, source: "kitchen practice" },
  { id: "hard-for-melting", role: "melting-cheese", replaces: ["mozzarella", "cheese"], with: [{ food: "aged-hard-cheese", ratio: 0.6 }], technique: "Nearly free of lactose; does not stretch.", closeness: 3, source: "kitchen practice" },
  { id: "yeast-crumb-for-parmesan", role: "hard-cheese", replaces: ["parmesan", "aged-hard-cheese"], with: [{ food: "nutritional-yeast", ratio: 0.3 }, { food: "gf-breadcrumbs", ratio: 0.4 }], technique: "Toast the crumbs in oil with the yeast.", addMin: 4, closeness: 3, source: "kitchen practice" },
  { id: "seed-parmesan", role: "hard-cheese", replaces: ["parmesan", "aged-hard-cheese"], with: [{ food: "sunflower-seeds", ratio: 0.6 }, { food: "nutritional-yeast", ratio: 0.25 }], technique: "Pulse with salt to a crumb.", addMin: 3, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "almond-parmesan", role: "hard-cheese", replaces: ["parmesan", "aged-hard-cheese"], with: [{ food: "ground-almonds", ratio: 0.6 }, { food: "nutritional-yeast", ratio: 0.25 }], technique: "Stir with salt.", closeness: 3, source: "kitchen practice" },
  { id: "yeast-for-parmesan", role: "hard-cheese", replaces: ["parmesan"], with: [{ food: "nutritional-yeast", ratio: 0.3 }], technique: "Savour and salt, no melt.", closeness: 3, source: "kitchen practice" },
  { id: "veg-hard-for-parmesan", role: "hard-cheese", replaces: ["parmesan"], with: [{ food: "aged-hard-cheese", ratio: 1 }], technique: "A hard cheese made without animal rennet, for vegetarians.", closeness: 5, source: "kitchen practice" },
  { id: "tofu-for-feta", role: "soft-cheese", replaces: ["feta", "goats-cheese"], with: [{ food: "tofu", ratio: 0.9 }, { food: "lemon-juice", ratio: 0.1 }], technique: "Firm tofu in cubes, salted, in lemon for half an hour.", addMin: 30, closeness: 3, source: "kitchen practice" },
  { id: "tofu-for-ricotta", role: "soft-cheese", replaces: ["ricotta", "cream-cheese", "quark"], with: [{ food: "tofu", ratio: 1 }], technique: "Crumble or blend with salt and lemon.", addMin: 3, closeness: 3, source: "kitchen practice" },
  { id: "cashew-for-cream-cheese", role: "soft-cheese", replaces: ["cream-cheese", "goats-cheese", "ricotta"], with: [{ food: "cashews", ratio: 0.7 }, { food: "lemon-juice", ratio: 0.1 }, { food: "water", ratio: 0.2 }], technique: "Soak two hours or boil 15 minutes, then blend thick.", addMin: 20, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "plant-for-cream-cheese", role: "soft-cheese", replaces: ["cream-cheese", "feta", "goats-cheese"], with: [{ food: "plant-cheese", ratio: 1 }], technique: "The soft kind; read the label.", closeness: 3, source: "kitchen practice" },
  { id: "olives-for-feta", role: "soft-cheese", replaces: ["feta"], with: [{ food: "olives", ratio: 0.6 }], technique: "Salt and sourness, chopped.", closeness: 2, source: "kitchen practice" },
  { id: "avocado-for-soft", role: "soft-cheese", replaces: ["cream-cheese", "mozzarella"], with: [{ food: "avocado", ratio: 1 }], technique: "At the last moment, with lemon.", closeness: 2, source: "kitchen practice" },
  { id: "smoked-tofu-for-halloumi", role: "soft-cheese", replaces: ["halloumi"], with: [{ food: "smoked-tofu", ratio: 1 }], technique: "Fry in slices.", closeness: 3, source: "kitchen practice" }
];

// data/reference/substitutions/crumbs-and-crunch.json
var crumbs_and_crunch_default = [
  { id: "gf-crumbs", role: "coating-crumb", replaces: ["breadcrumbs"], with: [{ food: "gf-breadcrumbs", ratio: 1 }], technique: "Browns sooner: look five minutes early.", closeness: 4, source: "kitchen practice" },
  { id: "sunflower-crumb", role: "coating-crumb", replaces: ["breadcrumbs"], with: [{ food: "sunflower-seeds", ratio: 1 }], technique: "Chop coarsely; toasts fast, so add it for the uncovered phase only.", addMin: 2, closeness: 3, source: "kitchen practice" },
  { id: "polenta-crumb", role: "coating-crumb", replaces: ["breadcrumbs"], with: [{ food: "cornmeal", ratio: 0.8 }], technique: "Toss in the fat first; it stays sandy otherwise.", closeness: 3, source: "kitchen practice" },
  { id: "almond-crumb", role: "coating-crumb", replaces: ["breadcrumbs"], with: [{ food: "flaked-almonds", ratio: 1 }], technique: "Crush in the hand; colours in minutes.", closeness: 3, source: "kitchen practice" },
  { id: "sunflower-for-walnut", role: "crunch", replaces: ["walnut"], with: [{ food: "sunflower-seeds", ratio: 1 }], technique: "Toast lightly; add a few drops of lemon, they are milder.", closeness: 3, source: "kitchen practice" },
  { id: "pumpkin-for-almond", role: "crunch", replaces: ["flaked-almonds"], with: [{ food: "pumpkin-seeds", ratio: 1 }], technique: "They pop when done.", closeness: 3, source: "kitchen practice" },
  { id: "sunflower-for-almond", role: "crunch", replaces: ["flaked-almonds"], with: [{ food: "sunflower-seeds", ratio: 1 }], technique: "Toast until they smell nutty.", closeness: 3, source: "kitchen practice" },
  { id: "gf-oats-for-oats", role: "crunch", replaces: ["rolled-oats"], with: [{ food: "gf-oats", ratio: 1 }], technique: "Use them as they are.", closeness: 5, source: "kitchen practice" },
  { id: "sunflower-for-oats", role: "crunch", replaces: ["rolled-oats"], with: [{ food: "sunflower-seeds", ratio: 1 }], technique: "Chop roughly.", closeness: 3, source: "kitchen practice" },
  { id: "gf-crumbs-for-panko", role: "coating-crumb", replaces: ["panko", "breadcrumb-coating"], with: [{ food: "gf-breadcrumbs", ratio: 1 }], technique: "Press on firmly; browns sooner.", closeness: 4, source: "kitchen practice" },
  { id: "cornflakes-crumb", role: "coating-crumb", replaces: ["breadcrumbs", "panko", "breadcrumb-coating"], with: [{ food: "cornflakes", ratio: 0.9 }], technique: "Crush coarsely. Most cornflakes hold barley malt: read the label.", closeness: 4, source: "kitchen practice" },
  { id: "rice-cracker-crumb", role: "coating-crumb", replaces: ["breadcrumbs", "panko", "breadcrumb-coating"], with: [{ food: "rice-cracker", ratio: 0.9 }], technique: "Crush in a bag; stays crisp longest.", closeness: 4, source: "kitchen practice" },
  { id: "oats-crumb", role: "coating-crumb", replaces: ["breadcrumbs", "panko"], with: [{ food: "rolled-oats", ratio: 0.9 }], technique: "Pulse briefly; nutty.", closeness: 3, source: "kitchen practice" },
  { id: "gf-oats-crumb", role: "coating-crumb", replaces: ["breadcrumbs", "panko"], with: [{ food: "gf-oats", ratio: 0.9 }], technique: "Pulse briefly; nutty.", closeness: 3, source: "kitchen practice" },
  { id: "ground-almond-crumb", role: "coating-crumb", replaces: ["breadcrumbs", "panko", "breadcrumb-coating"], with: [{ food: "ground-almonds", ratio: 1 }], technique: "Browns fast: lower the heat by 10 \xB0C.", closeness: 3, source: "kitchen practice" },
  { id: "coconut-crumb", role: "coating-crumb", replaces: ["breadcrumbs", "panko", "breadcrumb-coating"], with: [{ food: "desiccated-coconut", ratio: 0.7 }], technique: "Sweet; browns fast.", closeness: 2, source: "kitchen practice" },
  { id: "polenta-for-panko", role: "coating-crumb", replaces: ["panko", "breadcrumb-coating"], with: [{ food: "cornmeal", ratio: 0.8 }], technique: "A thin, sandy crust.", closeness: 3, source: "kitchen practice" },
  { id: "tortilla-crumb", role: "coating-crumb", replaces: ["breadcrumbs", "panko"], with: [{ food: "tortilla-chips", ratio: 0.9 }], technique: "Crush fine; already salted, so salt less.", closeness: 3, source: "kitchen practice" },
  { id: "semolina-for-crumb", role: "coating-crumb", replaces: ["breadcrumbs"], with: [{ food: "semolina", ratio: 0.7 }], technique: "A thin crisp coat for frying.", closeness: 3, source: "kitchen practice" },
  { id: "seeds-for-nuts", role: "crunch", replaces: ["almonds", "walnut", "hazelnuts", "pecans", "cashews", "pistachios", "mixed-nuts", "nuts", "brazil-nuts", "macadamia-nuts"], with: [{ food: "sunflower-seeds", ratio: 0.9 }], technique: "Toast in a dry pan until they smell.", addMin: 3, closeness: 3, source: "kitchen practice" },
  { id: "pumpkin-for-nuts", role: "crunch", replaces: ["almonds", "walnut", "hazelnuts", "pecans", "cashews", "pistachios", "mixed-nuts", "nuts", "pine-nuts"], with: [{ food: "pumpkin-seeds", ratio: 0.9 }], technique: "Toast until they pop.", addMin: 3, closeness: 4, source: "kitchen practice" },
  { id: "sunflower-for-pine", role: "crunch", replaces: ["pine-nuts"], with: [{ food: "sunflower-seeds", ratio: 1 }], technique: "Toast until golden.", closeness: 4, source: "kitchen practice" },
  { id: "seeds-for-peanuts", role: "crunch", replaces: ["peanuts"], with: [{ food: "sunflower-seeds", ratio: 1 }], technique: "Toast and salt.", addMin: 3, closeness: 3, source: "kitchen practice" },
  { id: "chickpea-crunch", role: "crunch", replaces: ["peanuts", "almonds", "cashews", "crouton", "nuts"], with: [{ food: "chickpeas", ratio: 1.2 }], technique: "Roast dry at 200 \xB0C for 25 minutes until they rattle.", addMin: 25, closeness: 3, source: "kitchen practice" },
  { id: "gf-crouton", role: "crunch", replaces: ["crouton"], with: [{ food: "gluten-free-bread", ratio: 1 }], technique: "Cubes, oil, 10 minutes at 190 \xB0C; look early.", closeness: 4, source: "kitchen practice" },
  { id: "seeds-for-crouton", role: "crunch", replaces: ["crouton"], with: [{ food: "pumpkin-seeds", ratio: 0.5 }], technique: "Toast until they pop.", closeness: 3, source: "kitchen practice" },
  { id: "coconut-for-nuts", role: "crunch", replaces: ["almonds", "flaked-almonds", "hazelnuts"], with: [{ food: "desiccated-coconut", ratio: 0.7 }], technique: "Toast lightly; for sweet things.", closeness: 2, source: "kitchen practice" },
  { id: "sunflower-for-ground-almond", role: "crunch", replaces: ["ground-almonds"], with: [{ food: "sunflower-seeds", ratio: 1 }], technique: "Grind fine. Baking soda turns it green; harmless.", addMin: 3, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "seeds-for-sesame", role: "crunch", replaces: ["sesame-seeds"], with: [{ food: "poppy-seeds", ratio: 1 }], technique: "As they are.", closeness: 3, source: "kitchen practice" },
  { id: "hemp-for-sesame", role: "crunch", replaces: ["sesame-seeds"], with: [{ food: "hemp-seeds", ratio: 1 }], technique: "As they are.", closeness: 3, source: "kitchen practice" },
  { id: "onion-crunch", role: "crunch", replaces: ["breadcrumbs", "crispy-fried-onions"], with: [{ food: "shallot", ratio: 1.5 }], technique: "Sliced thin, fried slowly in oil until brown.", addMin: 12, closeness: 3, source: "kitchen practice" },
  { id: "rice-crunch", role: "crunch", replaces: ["breadcrumbs", "panko"], with: [{ food: "toasted-rice-powder", ratio: 0.6 }], technique: "Sprinkle at the end.", closeness: 2, source: "kitchen practice" },
  { id: "gf-biscuit", role: "crunch", replaces: ["biscuit"], with: [{ food: "gluten-free-biscuits", ratio: 1 }], technique: "Crush as usual; read the label for milk and egg.", closeness: 4, source: "kitchen practice" }
];

// data/reference/substitutions/eggs.json
var eggs_default = [
  { id: "flax-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "flaxseed", ratio: 0.2 }, { food: "water", ratio: 0.9 }], technique: "Stir and leave ten minutes until it is a gel; the crumb is denser.", addMin: 10, closeness: 3, source: "kitchen practice" },
  { id: "chia-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "chia-seeds", ratio: 0.2 }, { food: "water", ratio: 0.8 }], technique: "Stir together and let it gel for 10 minutes.", addMin: 10, closeness: 3, source: "kitchen practice" },
  { id: "replacer-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "egg-replacer", ratio: 0.15 }, { food: "water", ratio: 0.85 }], technique: "Whisk smooth before it goes in; the packet\u2019s own ratio goes before this one.", closeness: 4, source: "kitchen practice" },
  { id: "aquafaba-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "aquafaba", ratio: 0.9 }], technique: "The liquid of tinned chickpeas, about 3 tbsp an egg; beat it until foamy.", addMin: 2, closeness: 3, source: "kitchen practice" },
  { id: "apple-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "apple", ratio: 1.2 }], technique: "Grated fine or stewed; moist crumb, does not bind a patty that falls apart.", closeness: 2, source: "kitchen practice" },
  { id: "banana-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "banana", ratio: 1 }], technique: "Mashed; tastes of banana, so only in sweet things.", closeness: 2, source: "kitchen practice" },
  { id: "tofu-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "tofu", ratio: 1 }], technique: "Silken tofu blended smooth; dense and moist.", addMin: 3, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "psyllium-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "psyllium", ratio: 0.1 }, { food: "water", ratio: 0.9 }], technique: "Let it gel for 5 minutes; for doughs more than for cakes.", addMin: 5, closeness: 3, source: "kitchen practice" },
  { id: "cornflour-for-egg-binder", role: "binder", replaces: ["egg"], with: [{ food: "cornflour", ratio: 0.3 }, { food: "water", ratio: 0.6 }], technique: "Whisk smooth; holds a filling, raises nothing.", closeness: 2, source: "kitchen practice" },
  { id: "yoghurt-for-egg", role: "binder", replaces: ["egg"], with: [{ food: "soya-yoghurt", ratio: 1.1 }], technique: "With \xBD tsp baking powder more for each egg in a cake.", closeness: 3, source: "kitchen practice" },
  { id: "flax-egg-for-yolk", role: "binder", replaces: ["egg-yolk"], with: [{ food: "flaxseed", ratio: 0.3 }, { food: "water", ratio: 0.9 }], technique: "Let it gel for 10 minutes.", addMin: 10, closeness: 2, source: "kitchen practice" },
  { id: "aquafaba-for-white", role: "foam", replaces: ["egg-white"], with: [{ food: "aquafaba", ratio: 1.3 }], technique: "Whisk 8 to 10 minutes with \xBC tsp cream of tartar; bake lower and longer.", addMin: 6, kit: ["whisk"], closeness: 4, source: "kitchen practice" },
  { id: "soya-protein-foam", role: "foam", replaces: ["egg-white"], with: [{ food: "soya-drink", ratio: 0.8 }, { food: "cream-of-tartar", ratio: 0.02 }], technique: "Whisk cold; holds for minutes only, so it goes in last.", addMin: 5, closeness: 2, source: "kitchen practice" },
  { id: "aquafaba-for-whole-foam", role: "foam", replaces: ["egg"], with: [{ food: "aquafaba", ratio: 0.9 }], technique: "Whisk to soft peaks first, fold in last.", addMin: 6, kit: ["whisk"], closeness: 3, source: "kitchen practice" },
  { id: "milk-for-egg-wash", role: "egg-wash", replaces: ["egg", "egg-yolk"], with: [{ food: "milk", ratio: 0.8 }], technique: "Brush thinly, twice; paler than egg.", closeness: 3, source: "kitchen practice" },
  { id: "oat-for-egg-wash", role: "egg-wash", replaces: ["egg", "egg-yolk"], with: [{ food: "oat-drink", ratio: 0.7 }, { food: "maple-syrup", ratio: 0.1 }], technique: "Brush on before baking; the sugar browns it.", closeness: 3, source: "kitchen practice" },
  { id: "soya-for-egg-wash", role: "egg-wash", replaces: ["egg", "egg-yolk"], with: [{ food: "soya-drink", ratio: 0.8 }], technique: "Its protein browns nearly as egg does.", closeness: 4, source: "kitchen practice" },
  { id: "oil-for-egg-wash", role: "egg-wash", replaces: ["egg", "egg-yolk"], with: [{ food: "olive-oil", ratio: 0.5 }], technique: "Shine, little colour.", closeness: 2, source: "kitchen practice" },
  { id: "syrup-for-egg-wash", role: "egg-wash", replaces: ["egg", "egg-yolk"], with: [{ food: "golden-syrup", ratio: 0.3 }, { food: "water", ratio: 0.4 }], technique: "Brush on as it comes out, for sweet bakes.", closeness: 3, source: "kitchen practice" },
  { id: "mustard-emulsifier", role: "emulsifier", replaces: ["egg-yolk"], with: [{ food: "mustard-prepared", ratio: 0.6 }], technique: "Holds a vinaigrette, not a stiff mayonnaise.", closeness: 2, source: "kitchen practice" },
  { id: "aquafaba-emulsifier", role: "emulsifier", replaces: ["egg-yolk", "egg"], with: [{ food: "aquafaba", ratio: 1.2 }], technique: "Blend with a stick blender while the oil runs in slowly.", addMin: 2, kit: ["blender"], closeness: 4, source: "kitchen practice" },
  { id: "soya-emulsifier", role: "emulsifier", replaces: ["egg-yolk", "egg"], with: [{ food: "soya-drink", ratio: 1.5 }], technique: "Cold from the fridge, oil in a thin stream under a stick blender.", kit: ["blender"], closeness: 4, source: "kitchen practice" },
  { id: "cashew-emulsifier", role: "emulsifier", replaces: ["egg-yolk", "egg"], with: [{ food: "cashew-butter", ratio: 1 }], technique: "Blend with the acid first, then the oil.", kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "vegan-mayo-for-mayo", role: "emulsifier", replaces: ["mayonnaise"], with: [{ food: "vegan-mayonnaise", ratio: 1 }], technique: "As it is; read its label for mustard and soy.", closeness: 5, source: "kitchen practice" },
  { id: "water-glue", role: "coating-glue", replaces: ["egg"], with: [{ food: "wheat-flour", ratio: 0.3 }, { food: "water", ratio: 0.7 }], technique: "Whisk to a thin batter; dip, drain, crumb.", closeness: 4, source: "kitchen practice" },
  { id: "rice-glue", role: "coating-glue", replaces: ["egg"], with: [{ food: "rice-flour", ratio: 0.3 }, { food: "water", ratio: 0.7 }], technique: "Whisk to a thin batter and stir again before each dip: it settles.", closeness: 4, source: "kitchen practice" },
  { id: "cornflour-glue", role: "coating-glue", replaces: ["egg"], with: [{ food: "cornflour", ratio: 0.3 }, { food: "water", ratio: 0.7 }], technique: "Stir again before each dip: it settles.", closeness: 4, source: "kitchen practice" },
  { id: "plant-milk-glue", role: "coating-glue", replaces: ["egg"], with: [{ food: "soya-drink", ratio: 0.9 }], technique: "Dip in flour first, then the drink, then the crumb.", closeness: 3, source: "kitchen practice" },
  { id: "mustard-glue", role: "coating-glue", replaces: ["egg"], with: [{ food: "mustard-prepared", ratio: 0.8 }], technique: "Brush on thinly; adds heat and savour.", closeness: 3, source: "kitchen practice" },
  { id: "aquafaba-glue", role: "coating-glue", replaces: ["egg"], with: [{ food: "aquafaba", ratio: 1 }], technique: "Dip, drain well, crumb, and let it stand 5 minutes.", addMin: 5, closeness: 3, source: "kitchen practice" },
  { id: "gram-glue", role: "coating-glue", replaces: ["egg"], with: [{ food: "gram-flour", ratio: 0.3 }, { food: "water", ratio: 0.7 }], technique: "Season it before, never taste it raw.", closeness: 3, source: "kitchen practice" }
];

// data/reference/substitutions/fats-and-spreads.json
var fats_and_spreads_default = [
  { id: "oil-for-butter", role: "fat-solid", replaces: ["butter"], with: [{ food: "olive-oil", ratio: 0.8 }], technique: "No creaming: beat it in a thread. Bakes a little drier.", closeness: 3, source: "kitchen practice" },
  { id: "spread-for-butter", role: "fat-solid", replaces: ["butter"], with: [{ food: "plant-spread", ratio: 1 }], technique: "Holds more water: chill well, salt less.", closeness: 4, source: "kitchen practice" },
  { id: "coconut-oil-for-butter", role: "fat-solid", replaces: ["butter"], with: [{ food: "coconut-oil", ratio: 0.85 }], technique: "Melts at hand warmth: keep it cool.", closeness: 3, source: "kitchen practice" },
  { id: "margarine-for-butter", role: "fat-solid", replaces: ["butter"], with: [{ food: "margarine", ratio: 1 }], technique: "As butter; read the label for milk.", closeness: 4, source: "kitchen practice" },
  { id: "shortening-for-butter", role: "fat-solid", replaces: ["butter"], with: [{ food: "vegetable-shortening", ratio: 0.85 }], technique: "Short and flaky, tastes of nothing: add a pinch of salt.", closeness: 3, source: "kitchen practice" },
  { id: "lard-for-butter", role: "fat-solid", replaces: ["butter"], with: [{ food: "lard", ratio: 0.85 }], technique: "Flakiest of all for savoury pastry.", closeness: 3, source: "kitchen practice" },
  { id: "coconut-solid-for-lard", role: "fat-solid", replaces: ["lard", "suet", "beef-dripping"], with: [{ food: "coconut-oil", ratio: 1 }], technique: "Cold from the fridge, grated.", closeness: 3, source: "kitchen practice" },
  { id: "vegetable-suet-for-suet", role: "fat-solid", replaces: ["suet"], with: [{ food: "vegetable-suet", ratio: 1 }], technique: "As it is; most is dusted with wheat flour, so read the label.", closeness: 5, source: "kitchen practice" },
  { id: "spread-for-ghee", role: "fat-solid", replaces: ["ghee"], with: [{ food: "plant-spread", ratio: 1.1 }], technique: "Lower heat: it burns sooner.", closeness: 3, source: "kitchen practice" },
  { id: "oil-for-ghee", role: "fat-liquid", replaces: ["ghee"], with: [{ food: "sunflower-oil", ratio: 0.9 }], technique: "As it is.", closeness: 4, source: "kitchen practice" },
  { id: "oil-for-frying-butter", role: "fat-liquid", replaces: ["butter"], with: [{ food: "rapeseed-oil", ratio: 0.8 }], technique: "Hotter pan, no foam to tell by.", closeness: 4, source: "kitchen practice" },
  { id: "sunflower-for-olive", role: "fat-liquid", replaces: ["olive-oil"], with: [{ food: "sunflower-oil", ratio: 1 }], technique: "Tastes of less.", closeness: 4, source: "kitchen practice" },
  { id: "oil-for-sesame-oil", role: "fat-liquid", replaces: ["sesame-oil"], with: [{ food: "rapeseed-oil", ratio: 1 }], technique: "Without the toasted taste: a little soy sauce or smoked salt makes up for it.", closeness: 2, source: "kitchen practice" },
  { id: "oil-for-nut-oil", role: "fat-liquid", replaces: ["walnut-oil", "hazelnut-oil", "almond-oil", "pistachio-oil"], with: [{ food: "olive-oil", ratio: 1 }], technique: "A mild one.", closeness: 3, source: "kitchen practice" },
  { id: "oil-for-peanut-oil", role: "fat-liquid", replaces: ["groundnut-oil", "cold-pressed-peanut-oil"], with: [{ food: "sunflower-oil", ratio: 1 }], technique: "As it is.", closeness: 5, source: "kitchen practice" },
  { id: "oil-for-duck-fat", role: "fat-liquid", replaces: ["duck-fat", "beef-dripping", "lard", "chicken-fat"], with: [{ food: "rapeseed-oil", ratio: 0.9 }], technique: "Heat it in the tin first.", closeness: 3, source: "kitchen practice" },
  { id: "water-saute", role: "fat-liquid", replaces: ["olive-oil", "sunflower-oil", "rapeseed-oil", "vegetable-oil", "butter"], with: [{ food: "water", ratio: 2 }], technique: "In spoonfuls, stirring; let it go dry between to brown.", addMin: 2, closeness: 2, source: "kitchen practice" },
  { id: "spread-for-butter-spread", role: "fat-spread", replaces: ["butter"], with: [{ food: "plant-spread", ratio: 1 }], technique: "As it is.", closeness: 4, source: "kitchen practice" },
  { id: "avocado-for-butter", role: "fat-spread", replaces: ["butter"], with: [{ food: "avocado", ratio: 1.2 }], technique: "Mashed with lemon, at the last moment.", closeness: 2, source: "kitchen practice" },
  { id: "hummus-for-butter", role: "fat-spread", replaces: ["butter"], with: [{ food: "hummus", ratio: 1.2 }], technique: "Holds sesame.", closeness: 2, source: "kitchen practice" },
  { id: "sunflower-for-nut-butter", role: "spread", replaces: ["peanut-butter", "almond-butter", "cashew-butter", "hazelnut-butter", "nut-butter", "walnut-butter"], with: [{ food: "sunflower-seeds", ratio: 1 }], technique: "Toast, then blend 6 to 8 minutes until it runs.", addMin: 10, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "tahini-for-nut-butter", role: "spread", replaces: ["peanut-butter", "almond-butter", "cashew-butter", "nut-butter"], with: [{ food: "tahini", ratio: 1 }], technique: "Bitterer: a little maple syrup.", closeness: 3, source: "kitchen practice" },
  { id: "pumpkin-for-tahini", role: "spread", replaces: ["tahini"], with: [{ food: "pumpkin-seeds", ratio: 1 }], technique: "Blend with a spoon of oil; green, nutty.", addMin: 8, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "bean-for-tahini", role: "spread", replaces: ["tahini"], with: [{ food: "cannellini-beans", ratio: 1 }], technique: "Blend smooth with oil and lemon.", addMin: 3, kit: ["blender"], closeness: 2, source: "kitchen practice" }
];

// data/reference/substitutions/flour-and-grain.json
var flour_and_grain_default = [
  { id: "gf-flour-for-strong", role: "structure-flour", replaces: ["strong-wheat-flour"], with: [{ food: "gf-flour-blend", ratio: 1 }, { food: "psyllium", ratio: 0.04 }], technique: "No kneading: it does not stretch. Rest 20 minutes to thicken, press out by hand.", closeness: 2, source: "kitchen practice" },
  { id: "gf-flour-for-plain", role: "structure-flour", replaces: ["wheat-flour"], with: [{ food: "gf-flour-blend", ratio: 1 }], technique: "Rest the batter ten minutes; it dries out sooner, so take it out at the early end.", addMin: 10, closeness: 4, source: "kitchen practice" },
  { id: "rice-flour-for-plain", role: "structure-flour", replaces: ["wheat-flour"], with: [{ food: "rice-flour", ratio: 0.9 }], technique: "Grainy if hurried: let it stand ten minutes.", addMin: 10, closeness: 3, source: "kitchen practice" },
  { id: "buckwheat-for-plain", role: "structure-flour", replaces: ["wheat-flour"], with: [{ food: "buckwheat-flour", ratio: 1 }], technique: "Dark and earthy.", closeness: 2, source: "kitchen practice" },
  { id: "cornmeal-for-almonds", role: "structure-flour", replaces: ["ground-almonds"], with: [{ food: "gf-flour-blend", ratio: 0.7 }], technique: "Drier: one more spoon of fat.", closeness: 2, source: "kitchen practice" },
  { id: "gf-blend-cake", role: "flour-cake", replaces: ["wheat-flour"], with: [{ food: "gf-flour-blend", ratio: 1 }, { food: "xanthan-gum", ratio: 0.01 }], technique: "Leave out the gum where the blend holds it; rest the batter 10 minutes.", addMin: 10, closeness: 4, source: "kitchen practice" },
  { id: "gf-blend-self-raising", role: "flour-cake", replaces: ["self-raising-flour"], with: [{ food: "gf-flour-blend", ratio: 0.95 }, { food: "gluten-free-baking-powder", ratio: 0.05 }], technique: "Rest the batter 10 minutes; out of the tin while warm.", addMin: 10, closeness: 4, source: "kitchen practice" },
  { id: "almond-cake", role: "flour-cake", replaces: ["wheat-flour", "self-raising-flour"], with: [{ food: "ground-almonds", ratio: 1.2 }], technique: "Moist and flat; lower the heat by 10 \xB0C and give it longer.", addMin: 10, closeness: 3, source: "kitchen practice" },
  { id: "oat-cake", role: "flour-cake", replaces: ["wheat-flour"], with: [{ food: "oat-flour", ratio: 1 }], technique: "A soft, close crumb.", closeness: 3, source: "kitchen practice" },
  { id: "rice-cake-flour", role: "flour-cake", replaces: ["wheat-flour"], with: [{ food: "rice-flour", ratio: 0.8 }, { food: "potato-starch", ratio: 0.2 }], technique: "Whisk a minute longer, there is no gluten to toughen it.", closeness: 3, source: "kitchen practice" },
  { id: "polenta-cake-flour", role: "flour-cake", replaces: ["wheat-flour"], with: [{ food: "cornmeal", ratio: 1 }], technique: "Coarse and golden; needs ground nuts or egg beside it.", closeness: 3, source: "kitchen practice" },
  { id: "chestnut-cake-flour", role: "flour-cake", replaces: ["wheat-flour"], with: [{ food: "chestnut-flour", ratio: 1 }], technique: "Sweet, so take a fifth less sugar.", closeness: 3, source: "kitchen practice" },
  { id: "gf-blend-pastry", role: "flour-pastry", replaces: ["wheat-flour"], with: [{ food: "gf-flour-blend", ratio: 1 }, { food: "xanthan-gum", ratio: 0.012 }], technique: "Roll between two sheets of paper; patch what tears.", addMin: 5, closeness: 3, source: "kitchen practice" },
  { id: "bought-gf-pastry", role: "flour-pastry", replaces: ["shortcrust-pastry", "puff-pastry"], with: [{ food: "gluten-free-pastry", ratio: 1 }], technique: "Keep it cold and roll it between two sheets of paper. Read its label for egg and milk.", closeness: 4, source: "kitchen practice" },
  { id: "oat-pastry", role: "flour-pastry", replaces: ["wheat-flour"], with: [{ food: "oat-flour", ratio: 1.05 }], technique: "Press into the tin instead of rolling.", closeness: 3, source: "kitchen practice" },
  { id: "gram-pastry", role: "flour-pastry", replaces: ["wheat-flour"], with: [{ food: "gram-flour", ratio: 0.6 }, { food: "rice-flour", ratio: 0.4 }], technique: "For savoury things; tastes raw until baked through.", closeness: 2, source: "kitchen practice" },
  { id: "buckwheat-pastry", role: "flour-pastry", replaces: ["wheat-flour"], with: [{ food: "buckwheat-flour", ratio: 0.5 }, { food: "rice-flour", ratio: 0.5 }], technique: "Rest it cold for half an hour or it cracks.", addMin: 30, closeness: 3, source: "kitchen practice" },
  { id: "gf-bread-flour", role: "flour-bread", replaces: ["strong-wheat-flour"], with: [{ food: "gf-flour-blend", ratio: 1 }, { food: "psyllium", ratio: 0.04 }], technique: "Wetter than a dough you know; spoon into the tin, no kneading, one rise.", addMin: -10, closeness: 3, source: "kitchen practice" },
  { id: "buckwheat-bread", role: "flour-bread", replaces: ["strong-wheat-flour", "wheat-flour"], with: [{ food: "buckwheat-flour", ratio: 0.7 }, { food: "tapioca-flour", ratio: 0.3 }, { food: "psyllium", ratio: 0.05 }], technique: "Soak the psyllium first; a dense loaf that slices well next day.", addMin: 10, closeness: 3, source: "kitchen practice" },
  { id: "rice-bread", role: "flour-bread", replaces: ["strong-wheat-flour", "wheat-flour"], with: [{ food: "rice-flour", ratio: 0.7 }, { food: "tapioca-flour", ratio: 0.3 }, { food: "psyllium", ratio: 0.05 }], technique: "Soak the psyllium first; dries out, so eat it the same day.", addMin: 10, closeness: 3, source: "kitchen practice" },
  { id: "spelt-for-strong", role: "flour-bread", replaces: ["strong-wheat-flour"], with: [{ food: "spelt-flour", ratio: 1 }], technique: "Knead less; it is wheat all the same, only for taste.", closeness: 4, source: "kitchen practice" },
  { id: "gf-bread-for-bread", role: "flour-bread", replaces: ["bread", "bread-roll"], with: [{ food: "gluten-free-bread", ratio: 1 }], technique: "Toast it; most hold egg or milk, so read the label.", closeness: 4, source: "kitchen practice" },
  { id: "corn-tortilla-for-flatbread", role: "flour-bread", replaces: ["flatbread", "wheat-tortilla"], with: [{ food: "corn-tortilla", ratio: 1 }], technique: "Warm them in a dry pan. Read the label for wheat.", closeness: 3, source: "kitchen practice" },
  { id: "rice-cracker-for-flatbread", role: "flour-bread", replaces: ["flatbread", "bread", "crispbread"], with: [{ food: "rice-cracker", ratio: 0.6 }], technique: "For dips; as bought.", closeness: 2, source: "kitchen practice" },
  { id: "potato-for-bread", role: "flour-bread", replaces: ["bread", "flatbread"], with: [{ food: "potato", ratio: 1.3 }], technique: "Baked in wedges, for dips and stews.", addMin: 35, closeness: 2, source: "kitchen practice" },
  { id: "gf-pasta-dried", role: "flour-pasta", replaces: ["dried-pasta"], with: [{ food: "gluten-free-pasta", ratio: 1 }], technique: "In its own pot and water; stir at once, and look two minutes early.", closeness: 4, source: "kitchen practice" },
  { id: "rice-pasta-dried", role: "flour-pasta", replaces: ["dried-pasta"], with: [{ food: "rice-pasta", ratio: 1 }], technique: "In its own pot and water; rinse briefly.", closeness: 4, source: "kitchen practice" },
  { id: "rice-noodle-for-noodle", role: "flour-pasta", replaces: ["wheat-noodle", "egg-noodle", "noodle", "soba-noodle"], with: [{ food: "rice-noodle", ratio: 1 }], technique: "Soak instead of boiling where they are thin.", closeness: 4, source: "kitchen practice" },
  { id: "courgette-pasta", role: "flour-pasta", replaces: ["dried-pasta", "fresh-pasta"], with: [{ food: "courgette", ratio: 2 }], technique: "In ribbons, warmed for a minute only.", addMin: -6, closeness: 2, source: "kitchen practice" },
  { id: "gf-pasta-fresh", role: "flour-pasta", replaces: ["fresh-pasta"], with: [{ food: "gluten-free-pasta", ratio: 0.6 }], technique: "Dried; boil it twice as long.", addMin: 6, closeness: 3, source: "kitchen practice" },
  { id: "rice-for-couscous", role: "flour-pasta", replaces: ["couscous", "bulgur-wheat", "freekeh"], with: [{ food: "rice", ratio: 0.9 }], technique: "Boil it in its own pot.", addMin: 10, closeness: 3, source: "kitchen practice" },
  { id: "quinoa-for-couscous", role: "flour-pasta", replaces: ["couscous", "bulgur-wheat", "freekeh", "pearl-barley"], with: [{ food: "quinoa", ratio: 1 }], technique: "Rinse, then 12 to 15 minutes.", addMin: 10, closeness: 4, source: "kitchen practice" },
  { id: "millet-for-couscous", role: "flour-pasta", replaces: ["couscous", "bulgur-wheat"], with: [{ food: "millet", ratio: 1 }], technique: "Toast, then 15 minutes; fluff with a fork.", addMin: 12, closeness: 4, source: "kitchen practice" },
  { id: "buckwheat-for-barley", role: "flour-pasta", replaces: ["pearl-barley", "wheat-berries", "freekeh"], with: [{ food: "buckwheat", ratio: 0.9 }], technique: "Half the time of barley.", addMin: -15, closeness: 3, source: "kitchen practice" },
  { id: "rice-for-barley", role: "flour-pasta", replaces: ["pearl-barley"], with: [{ food: "brown-rice", ratio: 1 }], technique: "About the same time.", closeness: 3, source: "kitchen practice" }
];

// data/reference/substitutions/main-part.json
var main_part_default = [
  { id: "tofu-for-chicken", role: "protein", replaces: ["chicken", "turkey"], with: [{ food: "tofu", ratio: 0.9 }], technique: "Pressed, in pieces, browned in oil.", addMin: -10, closeness: 2, source: "kitchen practice" },
  { id: "jackfruit-for-pork", role: "protein", replaces: ["pork", "chicken", "beef", "lamb"], with: [{ food: "jackfruit", ratio: 1.1 }], technique: "Young, tinned in brine; simmer until it pulls apart.", closeness: 2, source: "kitchen practice" },
  { id: "lentils-for-mince", role: "protein", replaces: ["beef-mince", "lamb-mince", "pork-mince", "turkey-mince", "chicken-mince"], with: [{ food: "brown-lentils", ratio: 0.4 }], technique: "Boil them first until just soft.", addMin: 20, closeness: 3, source: "kitchen practice" },
  { id: "mince-meatfree", role: "protein", replaces: ["beef-mince", "lamb-mince", "pork-mince", "turkey-mince"], with: [{ food: "meat-free-mince", ratio: 1 }], technique: "Into the sauce, not browned first; read the label for wheat, soy and egg.", addMin: -5, closeness: 4, source: "kitchen practice" },
  { id: "mushroom-for-beef", role: "protein", replaces: ["beef"], with: [{ food: "mushroom", ratio: 1.3 }], technique: "Browned hard in two lots.", addMin: -30, closeness: 2, source: "kitchen practice" },
  { id: "chickpeas-for-chicken", role: "protein", replaces: ["chicken"], with: [{ food: "chickpeas", ratio: 0.9 }], technique: "Cooked; in stews and curries.", addMin: -20, closeness: 3, source: "kitchen practice" },
  { id: "beans-for-sausage", role: "protein", replaces: ["sausage", "pork-sausage"], with: [{ food: "butter-beans", ratio: 0.9 }], technique: "With smoked paprika.", addMin: -5, closeness: 2, source: "kitchen practice" },
  { id: "tempeh-for-fish", role: "protein", replaces: ["white-fish", "cod", "haddock", "salmon"], with: [{ food: "tempeh", ratio: 0.8 }], technique: "Marinated in lemon and seaweed, fried.", closeness: 2, source: "kitchen practice" },
  { id: "aubergine-for-meat", role: "protein", replaces: ["beef", "lamb", "veal"], with: [{ food: "aubergine", ratio: 1.2 }], technique: "In thick slices, roasted with oil until soft.", addMin: -20, closeness: 2, source: "kitchen practice" }
];

// data/reference/substitutions/milk-and-cream.json
var milk_and_cream_default = [
  { id: "coconut-for-cream", role: "cream-body", replaces: ["cream"], with: [{ food: "coconut-cream", ratio: 1 }], technique: "Stir in off the heat; a little sweeter, add lemon or salt.", closeness: 3, source: "kitchen practice" },
  { id: "oat-for-cream", role: "cream-body", replaces: ["cream"], with: [{ food: "oat-cream", ratio: 1 }], technique: "Thinner: give it two minutes longer, do not boil hard.", addMin: 2, closeness: 4, source: "kitchen practice" },
  { id: "soya-for-cream", role: "cream-body", replaces: ["cream"], with: [{ food: "soya-cream", ratio: 1 }], technique: "Splits if boiled with acid; keep it at a bare simmer.", closeness: 4, source: "kitchen practice" },
  { id: "lactose-free-for-cream", role: "cream-body", replaces: ["cream"], with: [{ food: "lactose-free-cream", ratio: 1 }], technique: "Use it as it is.", closeness: 5, source: "kitchen practice" },
  { id: "cashew-for-cream", role: "cream-body", replaces: ["cream"], with: [{ food: "cashews", ratio: 0.4 }, { food: "water", ratio: 0.6 }], technique: "Soak or boil the nuts 15 minutes, blend smooth, add at the end.", addMin: 20, closeness: 4, source: "kitchen practice" },
  { id: "oat-for-milk", role: "liquid-dairy", replaces: ["milk"], with: [{ food: "oat-drink", ratio: 1 }], technique: "Use it as it is; a touch sweeter.", closeness: 4, source: "kitchen practice" },
  { id: "soya-for-milk", role: "liquid-dairy", replaces: ["milk"], with: [{ food: "soya-drink", ratio: 1 }], technique: "Use it as it is; do not boil with acid.", closeness: 4, source: "kitchen practice" },
  { id: "rice-for-milk", role: "liquid-dairy", replaces: ["milk"], with: [{ food: "rice-drink", ratio: 1 }], technique: "Thin and sweet: thicken a little more.", closeness: 3, source: "kitchen practice" },
  { id: "coconut-for-milk", role: "liquid-dairy", replaces: ["milk"], with: [{ food: "coconut-drink", ratio: 1 }], technique: "Tastes of coconut; hold back sugar.", closeness: 3, source: "kitchen practice" },
  { id: "lactose-free-for-milk", role: "liquid-dairy", replaces: ["milk"], with: [{ food: "lactose-free-milk", ratio: 1 }], technique: "Use it as it is; a touch sweeter.", closeness: 5, source: "kitchen practice" },
  { id: "almond-for-milk", role: "liquid-dairy", replaces: ["milk"], with: [{ food: "almond-drink", ratio: 1 }], technique: "Unsweetened.", closeness: 3, source: "kitchen practice" },
  { id: "hemp-for-milk", role: "liquid-dairy", replaces: ["milk"], with: [{ food: "hemp-drink", ratio: 1 }], technique: "Unsweetened; a little grassy.", closeness: 3, source: "kitchen practice" },
  { id: "water-for-milk", role: "liquid-dairy", replaces: ["milk"], with: [{ food: "water", ratio: 1 }], technique: "In bread and batters; a spoon of oil makes up for the fat.", closeness: 2, source: "kitchen practice" },
  { id: "plant-for-buttermilk", role: "liquid-dairy", replaces: ["buttermilk", "kefir"], with: [{ food: "soya-drink", ratio: 0.95 }, { food: "lemon-juice", ratio: 0.05 }], technique: "Let it stand 10 minutes to thicken.", addMin: 10, closeness: 4, source: "kitchen practice" },
  { id: "oat-for-buttermilk", role: "liquid-dairy", replaces: ["buttermilk", "kefir"], with: [{ food: "oat-drink", ratio: 0.94 }, { food: "cider-vinegar", ratio: 0.06 }], technique: "Does not thicken, still raises the soda.", closeness: 3, source: "kitchen practice" },
  { id: "lactose-free-for-buttermilk", role: "liquid-dairy", replaces: ["buttermilk"], with: [{ food: "lactose-free-milk", ratio: 0.95 }, { food: "lemon-juice", ratio: 0.05 }], technique: "Let it stand 10 minutes.", addMin: 10, closeness: 4, source: "kitchen practice" },
  { id: "coconut-for-evaporated", role: "liquid-dairy", replaces: ["evaporated-milk", "condensed-milk"], with: [{ food: "coconut-milk", ratio: 1 }], technique: "Simmer by half first for condensed; sweeten to taste.", addMin: 15, closeness: 3, source: "kitchen practice" },
  { id: "soya-for-single-cream", role: "cream-body", replaces: ["single-cream"], with: [{ food: "soya-cream", ratio: 1 }], technique: "Stir in off the heat.", closeness: 4, source: "kitchen practice" },
  { id: "oat-for-single-cream", role: "cream-body", replaces: ["single-cream"], with: [{ food: "oat-cream", ratio: 1 }], technique: "Do not boil hard.", closeness: 4, source: "kitchen practice" },
  { id: "coconut-for-single-cream", role: "cream-body", replaces: ["single-cream", "whipping-cream"], with: [{ food: "coconut-milk", ratio: 1 }], technique: "Tastes of coconut.", closeness: 3, source: "kitchen practice" },
  { id: "lactose-free-single", role: "cream-body", replaces: ["single-cream", "whipping-cream"], with: [{ food: "lactose-free-cream", ratio: 1 }], technique: "As it is.", closeness: 5, source: "kitchen practice" },
  { id: "bean-for-cream", role: "cream-body", replaces: ["cream", "single-cream"], with: [{ food: "cannellini-beans", ratio: 0.7 }, { food: "water", ratio: 0.3 }], technique: "Blend very smooth; for soups and sauces.", addMin: 3, kit: ["blender"], closeness: 2, source: "kitchen practice" },
  { id: "cauliflower-for-cream", role: "cream-body", replaces: ["cream", "single-cream"], with: [{ food: "cauliflower", ratio: 0.8 }, { food: "water", ratio: 0.2 }], technique: "Boil soft, blend smooth; for sauces.", addMin: 15, kit: ["blender"], closeness: 2, source: "kitchen practice" },
  { id: "tofu-for-cream", role: "cream-body", replaces: ["cream", "single-cream"], with: [{ food: "tofu", ratio: 0.8 }, { food: "soya-drink", ratio: 0.2 }], technique: "Silken tofu blended smooth; off the heat.", addMin: 3, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "sunflower-for-cream", role: "cream-body", replaces: ["cream", "single-cream"], with: [{ food: "sunflower-seeds", ratio: 0.35 }, { food: "water", ratio: 0.65 }], technique: "Soak two hours or boil 15 minutes, then blend very smooth.", addMin: 20, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "roux-for-cream", role: "cream-body", replaces: ["cream"], with: [{ food: "oat-drink", ratio: 0.9 }, { food: "cornflour", ratio: 0.06 }], technique: "Slake the starch, bring to the boil, stir until it coats the spoon.", addMin: 4, closeness: 3, source: "kitchen practice" },
  { id: "soya-yoghurt-for-creme", role: "cream-body", replaces: ["creme-fraiche", "soured-cream"], with: [{ food: "soya-yoghurt", ratio: 1 }], technique: "Off the heat: it splits.", closeness: 3, source: "kitchen practice" },
  { id: "oat-creme-for-creme", role: "cream-body", replaces: ["creme-fraiche", "soured-cream"], with: [{ food: "oat-cream", ratio: 0.95 }, { food: "lemon-juice", ratio: 0.05 }], technique: "Stir, let it stand 10 minutes.", addMin: 10, closeness: 3, source: "kitchen practice" },
  { id: "cashew-for-creme", role: "cream-body", replaces: ["creme-fraiche", "soured-cream"], with: [{ food: "cashews", ratio: 0.45 }, { food: "water", ratio: 0.5 }, { food: "lemon-juice", ratio: 0.05 }], technique: "Soak two hours or boil 15 minutes, then blend.", addMin: 20, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "soya-yoghurt-for-yoghurt", role: "cream-body", replaces: ["yoghurt", "greek-yoghurt"], with: [{ food: "soya-yoghurt", ratio: 1 }], technique: "Strain it for thick dips.", closeness: 4, source: "kitchen practice" },
  { id: "coconut-yoghurt-for-yoghurt", role: "cream-body", replaces: ["yoghurt", "greek-yoghurt", "labneh"], with: [{ food: "coconut-yoghurt", ratio: 1 }], technique: "Sweeter: more lemon and salt.", closeness: 3, source: "kitchen practice" },
  { id: "oat-yoghurt-for-yoghurt", role: "cream-body", replaces: ["yoghurt"], with: [{ food: "oat-yoghurt", ratio: 1 }], technique: "As it is.", closeness: 3, source: "kitchen practice" },
  { id: "lactose-free-yoghurt", role: "cream-body", replaces: ["yoghurt", "greek-yoghurt"], with: [{ food: "lactose-free-yoghurt", ratio: 1 }], technique: "As it is.", closeness: 5, source: "kitchen practice" },
  { id: "coconut-whipped", role: "whipped-cream", replaces: ["cream", "whipping-cream"], with: [{ food: "coconut-cream", ratio: 1 }], technique: "A night in the fridge, only the firm part, whisked cold.", addMin: 5, kit: ["whisk"], closeness: 3, source: "kitchen practice" },
  { id: "soya-whipped", role: "whipped-cream", replaces: ["cream", "whipping-cream"], with: [{ food: "soya-cream", ratio: 1 }], technique: "Only the kind sold for whipping.", addMin: 2, closeness: 4, source: "kitchen practice" },
  { id: "lactose-free-whipped", role: "whipped-cream", replaces: ["cream", "whipping-cream"], with: [{ food: "lactose-free-cream", ratio: 1 }], technique: "Cold, as usual.", closeness: 5, source: "kitchen practice" },
  { id: "aquafaba-whipped", role: "whipped-cream", replaces: ["cream", "whipping-cream"], with: [{ food: "aquafaba", ratio: 0.4 }, { food: "sugar", ratio: 0.1 }], technique: "Light; serve at once.", addMin: 8, kit: ["whisk"], closeness: 2, source: "kitchen practice" },
  { id: "yoghurt-whipped", role: "whipped-cream", replaces: ["cream", "whipping-cream"], with: [{ food: "coconut-yoghurt", ratio: 1 }], technique: "Spooned, not whipped.", closeness: 3, source: "kitchen practice" },
  { id: "plant-custard", role: "cream-body", replaces: ["custard", "pastry-cream"], with: [{ food: "oat-drink", ratio: 0.85 }, { food: "cornflour", ratio: 0.07 }, { food: "sugar", ratio: 0.08 }], technique: "Boil one full minute, stirring; vanilla and a pinch of turmeric.", addMin: 8, closeness: 4, source: "kitchen practice" }
];

// data/reference/substitutions/savour.json
var savour_default = [
  { id: "mushroom-for-cube", role: "stock", replaces: ["vegetable-stock-cube", "chicken-stock-cube"], with: [{ food: "dried-mushroom", ratio: 1.5 }], technique: "Soak 20 minutes in the water of the recipe, use both; salt more.", closeness: 3, source: "kitchen practice" },
  { id: "gf-powder-for-cube", role: "stock", replaces: ["vegetable-stock-cube", "chicken-stock-cube"], with: [{ food: "gf-stock-powder", ratio: 1 }], technique: "Stir straight in.", closeness: 4, source: "kitchen practice" },
  { id: "horseradish-for-mustard", role: "umami", replaces: ["mustard-prepared"], with: [{ food: "horseradish", ratio: 0.7 }], technique: "Sharper; it fades on the heat, so put it on thick.", closeness: 3, source: "kitchen practice" },
  { id: "tamari-for-soy", role: "umami", replaces: ["soy-sauce"], with: [{ food: "tamari", ratio: 1 }], technique: "Most is without wheat; the label says.", closeness: 5, source: "kitchen practice" },
  { id: "aminos-for-soy", role: "umami", replaces: ["soy-sauce", "tamari"], with: [{ food: "coconut-aminos", ratio: 1.3 }], technique: "Sweeter and less salty: add a pinch.", closeness: 3, source: "kitchen practice" },
  { id: "salt-mushroom-for-soy", role: "umami", replaces: ["soy-sauce", "tamari"], with: [{ food: "dried-mushroom", ratio: 0.1 }, { food: "salt", ratio: 0.12 }, { food: "water", ratio: 0.8 }], technique: "Steep 15 minutes, strain.", addMin: 15, closeness: 2, source: "kitchen practice" },
  { id: "yeast-extract-for-soy", role: "umami", replaces: ["soy-sauce"], with: [{ food: "yeast-extract", ratio: 0.25 }, { food: "water", ratio: 0.7 }], technique: "Most is made from barley: read the label.", closeness: 3, source: "kitchen practice" },
  { id: "miso-rice", role: "umami", replaces: ["barley-miso"], with: [{ food: "miso", ratio: 1 }], technique: "The kind made from rice only; the label says.", closeness: 5, source: "kitchen practice" },
  { id: "capers-for-anchovy", role: "umami", replaces: ["anchovy", "fish-sauce"], with: [{ food: "capers", ratio: 1 }], technique: "Chopped fine.", closeness: 3, source: "kitchen practice" },
  { id: "seaweed-for-fish-sauce", role: "umami", replaces: ["fish-sauce", "shrimp-paste"], with: [{ food: "vegan-fish-sauce", ratio: 1 }], technique: "As it is; read the label for soy and wheat.", closeness: 4, source: "kitchen practice" },
  { id: "soy-for-fish-sauce", role: "umami", replaces: ["fish-sauce"], with: [{ food: "soy-sauce", ratio: 1 }], technique: "Less deep: a strip of seaweed helps.", closeness: 3, source: "kitchen practice" },
  { id: "miso-for-parmesan-savour", role: "umami", replaces: ["parmesan"], with: [{ food: "miso", ratio: 0.3 }], technique: "Stir in off the heat.", closeness: 3, source: "kitchen practice" },
  { id: "vegan-worcestershire", role: "umami", replaces: ["worcestershire-sauce"], with: [{ food: "vegan-worcestershire-sauce", ratio: 1 }], technique: "Without anchovy; read the label for barley and soy.", closeness: 5, source: "kitchen practice" },
  { id: "mushroom-for-oyster-sauce", role: "umami", replaces: ["oyster-sauce"], with: [{ food: "vegetarian-oyster-sauce", ratio: 1 }], technique: "Read the label for wheat and soy.", closeness: 5, source: "kitchen practice" },
  { id: "mushroom-for-bacon", role: "umami", replaces: ["bacon", "ham"], with: [{ food: "mushroom", ratio: 1.2 }], technique: "Fried hard in oil with smoked paprika and salt.", addMin: 6, closeness: 2, source: "kitchen practice" },
  { id: "smoked-tofu-for-bacon", role: "umami", replaces: ["bacon", "ham", "prosciutto", "chorizo"], with: [{ food: "smoked-tofu", ratio: 1 }], technique: "In small cubes, fried crisp.", addMin: 4, closeness: 3, source: "kitchen practice" },
  { id: "sundried-for-chorizo", role: "umami", replaces: ["chorizo"], with: [{ food: "sun-dried-tomatoes", ratio: 0.7 }], technique: "With smoked paprika.", closeness: 2, source: "kitchen practice" },
  { id: "mustard-seed-for-mustard", role: "umami", replaces: ["mustard-prepared"], with: [{ food: "horseradish-sauce", ratio: 0.8 }], technique: "Another heat; read the label for mustard and milk.", closeness: 2, source: "kitchen practice" },
  { id: "lemon-for-mustard", role: "umami", replaces: ["mustard-prepared"], with: [{ food: "lemon-juice", ratio: 0.6 }], technique: "Sharpness without the heat.", closeness: 2, source: "kitchen practice" },
  { id: "celeriac-free-stock", role: "stock", replaces: ["vegetable-stock", "stock", "chicken-stock", "beef-stock"], with: [{ food: "gf-stock-powder", ratio: 0.02 }, { food: "water", ratio: 0.98 }], technique: "Read its label for celery and milk.", closeness: 4, source: "kitchen practice" },
  { id: "mushroom-stock", role: "stock", replaces: ["vegetable-stock", "stock", "chicken-stock", "beef-stock"], with: [{ food: "dried-mushroom", ratio: 0.02 }, { food: "water", ratio: 0.98 }], technique: "Steep 20 minutes, strain through a cloth.", addMin: 20, closeness: 3, source: "kitchen practice" },
  { id: "veg-for-chicken-stock", role: "stock", replaces: ["chicken-stock", "beef-stock", "stock"], with: [{ food: "vegetable-stock", ratio: 1 }], technique: "Lighter: brown an onion in it.", closeness: 4, source: "kitchen practice" },
  { id: "veg-cube-for-meat-cube", role: "stock", replaces: ["chicken-stock-cube", "beef-stock-cube", "ham-stock-cube"], with: [{ food: "vegetable-stock-cube", ratio: 1 }], technique: "As it is; read its label for celery and wheat.", closeness: 4, source: "kitchen practice" },
  { id: "kombu-for-dashi", role: "stock", replaces: ["dashi"], with: [{ food: "kombu-dashi", ratio: 1 }], technique: "Without the fish.", closeness: 4, source: "kitchen practice" },
  { id: "veg-for-fish-stock", role: "stock", replaces: ["fish-stock-cube", "shellfish-stock"], with: [{ food: "vegetable-stock-cube", ratio: 1 }], technique: "A strip of seaweed in the pot.", closeness: 3, source: "kitchen practice" },
  { id: "water-for-stock", role: "stock", replaces: ["vegetable-stock", "stock", "chicken-stock", "beef-stock", "vegetable-stock-cube"], with: [{ food: "water", ratio: 1 }], technique: "Salt, an onion, a bay leaf and the parsley stalks from the start.", closeness: 2, source: "kitchen practice" },
  { id: "juice-for-wine", role: "alcohol", replaces: ["red-wine", "port"], with: [{ food: "apple-juice", ratio: 0.8 }, { food: "wine-vinegar", ratio: 0.15 }], technique: "Reduce it a little longer.", addMin: 3, closeness: 2, source: "kitchen practice" },
  { id: "grape-for-wine", role: "alcohol", replaces: ["red-wine"], with: [{ food: "fruit-juice", ratio: 0.8 }, { food: "wine-vinegar", ratio: 0.2 }], technique: "Grape; sweeter, so salt more.", closeness: 3, source: "kitchen practice" },
  { id: "verjuice-for-wine", role: "alcohol", replaces: ["shaoxing-wine", "sake", "mirin", "cider"], with: [{ food: "verjuice", ratio: 0.6 }, { food: "water", ratio: 0.4 }], technique: "A spoon of sugar for mirin.", closeness: 3, source: "kitchen practice" },
  { id: "stock-for-wine", role: "alcohol", replaces: ["red-wine", "cider", "beer"], with: [{ food: "vegetable-stock", ratio: 0.9 }, { food: "cider-vinegar", ratio: 0.1 }], technique: "Savour instead of fruit.", closeness: 3, source: "kitchen practice" },
  { id: "af-for-wine", role: "alcohol", replaces: ["red-wine"], with: [{ food: "alcohol-free-wine", ratio: 1 }], technique: "The label says how much alcohol is left.", closeness: 4, source: "kitchen practice" },
  { id: "gf-beer-for-beer", role: "alcohol", replaces: ["beer", "wheat-beer"], with: [{ food: "gluten-free-beer", ratio: 1 }], technique: "Alcohol stays.", closeness: 5, source: "kitchen practice" },
  { id: "vanilla-for-liqueur", role: "alcohol", replaces: ["brandy", "rum", "orange-liqueur", "amaretto", "hazelnut-liqueur"], with: [{ food: "orange-juice", ratio: 0.9 }, { food: "vanilla-extract", ratio: 0.05 }], technique: "For soaking sponges and fruit.", closeness: 3, source: "kitchen practice" },
  { id: "greens-for-garlic", role: "aromatic", replaces: ["garlic"], with: [{ food: "garlic-greens", ratio: 1.5 }], technique: "The green part only, added late; only where the guest has said that greens are fine.", closeness: 3, source: "kitchen practice" },
  { id: "chives-for-onion", role: "aromatic", replaces: ["onion", "red-onion", "shallot", "spring-onion"], with: [{ food: "chives", ratio: 0.2 }], technique: "Added at the end. Still an onion: not for who avoids them all.", closeness: 2, source: "kitchen practice" },
  { id: "fennel-for-onion", role: "aromatic", replaces: ["onion", "red-onion", "shallot", "leek"], with: [{ food: "fennel", ratio: 0.8 }], technique: "Sweat it slowly.", addMin: 3, closeness: 3, source: "kitchen practice" },
  { id: "celery-for-onion", role: "aromatic", replaces: ["onion", "red-onion", "shallot"], with: [{ food: "celery", ratio: 0.7 }, { food: "carrot", ratio: 0.3 }], technique: "Chopped fine, sweated slowly.", closeness: 2, source: "kitchen practice" },
  { id: "asafoetida-for-garlic", role: "aromatic", replaces: ["garlic", "onion"], with: [{ food: "asafoetida", ratio: 0.02 }], technique: "In hot oil for a few seconds. Often cut with wheat flour: read the label.", closeness: 3, source: "kitchen practice" },
  { id: "paprika-for-chilli", role: "aromatic", replaces: ["chilli", "chilli-flakes", "dried-chillies"], with: [{ food: "paprika", ratio: 0.3 }], technique: "Colour and taste without the heat.", closeness: 3, source: "kitchen practice" },
  { id: "carrot-for-celery", role: "aromatic", replaces: ["celery", "celeriac"], with: [{ food: "carrot", ratio: 1 }], technique: "Sweeter.", closeness: 3, source: "kitchen practice" },
  { id: "fennel-for-celery", role: "aromatic", replaces: ["celery"], with: [{ food: "fennel", ratio: 1 }], technique: "The same crunch, aniseed.", closeness: 3, source: "kitchen practice" },
  { id: "parsnip-for-celeriac", role: "aromatic", replaces: ["celeriac"], with: [{ food: "parsnip", ratio: 1 }], technique: "Sweeter, softens sooner.", addMin: -3, closeness: 3, source: "kitchen practice" }
];

// data/reference/substitutions/sweet.json
var sweet_default = [
  { id: "maple-for-honey", role: "sweetener", replaces: ["honey"], with: [{ food: "maple-syrup", ratio: 1 }], technique: "Thinner and less sweet: start with a little more.", closeness: 4, source: "kitchen practice" },
  { id: "agave-for-honey", role: "sweetener", replaces: ["honey"], with: [{ food: "golden-syrup", ratio: 0.95 }], technique: "Without the flowers.", closeness: 4, source: "kitchen practice" },
  { id: "vegan-honey-for-honey", role: "sweetener", replaces: ["honey"], with: [{ food: "vegan-honey", ratio: 1 }], technique: "As it is.", closeness: 5, source: "kitchen practice" },
  { id: "date-for-honey", role: "sweetener", replaces: ["honey"], with: [{ food: "dried-dates", ratio: 0.9 }, { food: "water", ratio: 0.3 }], technique: "Blend smooth.", addMin: 5, kit: ["blender"], closeness: 3, source: "kitchen practice" },
  { id: "sugar-for-honey", role: "sweetener", replaces: ["honey"], with: [{ food: "sugar", ratio: 0.8 }, { food: "water", ratio: 0.2 }], technique: "Dissolve first.", closeness: 3, source: "kitchen practice" },
  { id: "maple-for-malt", role: "sweetener", replaces: ["barley-malt-syrup"], with: [{ food: "maple-syrup", ratio: 1 }], technique: "Lighter.", closeness: 4, source: "kitchen practice" },
  { id: "dark-for-milk-chocolate", role: "sweetener", replaces: ["milk-chocolate"], with: [{ food: "dark-chocolate", ratio: 0.85 }], technique: "Add sugar; read the label for milk traces.", closeness: 3, source: "kitchen practice" },
  { id: "vegan-for-milk-chocolate", role: "sweetener", replaces: ["milk-chocolate", "dark-chocolate"], with: [{ food: "vegan-chocolate", ratio: 1 }], technique: "Read the label for milk traces and nuts.", closeness: 4, source: "kitchen practice" },
  { id: "carob-for-chocolate", role: "sweetener", replaces: ["cocoa-powder"], with: [{ food: "carob", ratio: 1 }], technique: "Sweeter: take less sugar.", closeness: 2, source: "kitchen practice" }
];

// data/reference/substitutions/thickening-and-setting.json
var thickening_and_setting_default = [
  { id: "cornflour-for-yolk", role: "thickener", replaces: ["egg-yolk"], with: [{ food: "cornflour", ratio: 0.4 }], technique: "Slake in cold liquid, then boil one full minute or it tastes of starch.", addMin: 2, closeness: 3, source: "kitchen practice" },
  { id: "cornflour-for-flour", role: "thickener", replaces: ["wheat-flour"], with: [{ food: "cornflour", ratio: 0.5 }], technique: "Slake in cold water first; goes clear, boil one minute.", closeness: 4, source: "kitchen practice" },
  { id: "cornflour-for-roux-flour", role: "thickener", replaces: ["roux"], with: [{ food: "cornflour", ratio: 0.4 }, { food: "olive-oil", ratio: 0.5 }], technique: "Slake the starch in cold water and stir into the hot liquid off the boil.", closeness: 3, source: "kitchen practice" },
  { id: "arrowroot-for-flour", role: "thickener", replaces: ["wheat-flour"], with: [{ food: "arrowroot", ratio: 0.5 }], technique: "Slake cold, stir in at the end; boiling long thins it again.", closeness: 4, source: "kitchen practice" },
  { id: "rice-for-flour-thickener", role: "thickener", replaces: ["wheat-flour"], with: [{ food: "rice-flour", ratio: 0.8 }], technique: "Makes a roux like wheat does; a little grainier.", closeness: 4, source: "kitchen practice" },
  { id: "potato-for-flour-thickener", role: "thickener", replaces: ["wheat-flour"], with: [{ food: "potato-starch", ratio: 0.4 }], technique: "Slake cold, do not boil after it has thickened.", closeness: 4, source: "kitchen practice" },
  { id: "tapioca-for-flour", role: "thickener", replaces: ["wheat-flour"], with: [{ food: "tapioca-flour", ratio: 0.5 }], technique: "Glossy, a little stretchy.", closeness: 3, source: "kitchen practice" },
  { id: "gf-blend-thickener", role: "thickener", replaces: ["wheat-flour"], with: [{ food: "gf-flour-blend", ratio: 1 }], technique: "A roux as with wheat; cook it a minute longer.", addMin: 1, closeness: 4, source: "kitchen practice" },
  { id: "arrowroot-for-cornflour", role: "thickener", replaces: ["cornflour"], with: [{ food: "arrowroot", ratio: 1 }], technique: "Stir in at the end; do not boil long.", closeness: 5, source: "kitchen practice" },
  { id: "potato-for-cornflour", role: "thickener", replaces: ["cornflour"], with: [{ food: "potato-starch", ratio: 0.9 }], technique: "Do not boil after it has thickened.", closeness: 5, source: "kitchen practice" },
  { id: "rice-for-cornflour", role: "thickener", replaces: ["cornflour"], with: [{ food: "rice-flour", ratio: 1.8 }], technique: "Cook two minutes longer.", addMin: 2, closeness: 4, source: "kitchen practice" },
  { id: "cornflour-custard-powder", role: "thickener", replaces: ["custard-powder"], with: [{ food: "cornflour", ratio: 0.9 }, { food: "vanilla-extract", ratio: 0.05 }], technique: "A pinch of turmeric for the colour.", closeness: 4, source: "kitchen practice" },
  { id: "cornflour-for-egg-thickener", role: "thickener", replaces: ["egg"], with: [{ food: "cornflour", ratio: 0.35 }, { food: "water", ratio: 0.5 }], technique: "Must boil one full minute to thicken.", addMin: 2, closeness: 3, source: "kitchen practice" },
  { id: "arrowroot-for-yolk", role: "thickener", replaces: ["egg-yolk"], with: [{ food: "arrowroot", ratio: 0.35 }], technique: "Take off the heat as soon as it thickens.", closeness: 3, source: "kitchen practice" },
  { id: "mash-thickener", role: "thickener", replaces: ["wheat-flour"], with: [{ food: "potato", ratio: 3 }], technique: "Grated or mashed into the pot; for stews and soups.", addMin: 5, closeness: 2, source: "kitchen practice" },
  { id: "agar-for-gelatine", role: "gelling", replaces: ["gelatine"], with: [{ food: "agar", ratio: 0.25 }], technique: "Boil it two minutes in the liquid; sets at room temperature and firmer.", addMin: 3, closeness: 4, source: "kitchen practice" },
  { id: "pectin-for-gelatine", role: "gelling", replaces: ["gelatine"], with: [{ food: "pectin", ratio: 0.8 }], technique: "Needs acid and sugar; for fruit.", addMin: 3, closeness: 3, source: "kitchen practice" },
  { id: "cornflour-for-gelatine", role: "gelling", replaces: ["gelatine"], with: [{ food: "cornflour", ratio: 3 }], technique: "A cream instead of a jelly; boil one minute.", addMin: 3, closeness: 2, source: "kitchen practice" },
  { id: "vegan-marshmallow", role: "gelling", replaces: ["marshmallow"], with: [{ food: "vegan-marshmallow", ratio: 1 }], technique: "As they are.", closeness: 4, source: "kitchen practice" }
];

// data/reference/role-cues.json
var role_cues_default = {
  source: "kitchen practice",
  cues: [
    { role: "protein", words: "stew|curry|casserole|mince|cubes?\\b|pieces|strips|diced|stir[- ]fr|chilli\\b|pulled|burger|sausage|ragu|taco|\\bpie\\b|salad|soup|patties|skewer|kebab" },
    { role: "egg-wash", words: "brush|glaze the|egg ?wash" },
    { role: "coating-glue", words: "dredge|breadcrumb|bread ?crumbed|coat(?:ed|ing)?\\b|schnitzel|then (?:in|into) the crumbs|crumbs on" },
    { role: "foam", words: "stiff peaks|soft peaks|meringue|whisk the (?:egg )?whites|beat the (?:egg )?whites|until pale and (?:thick|fluffy)|souffl" },
    { role: "emulsifier", words: "mayonnaise|aioli|hollandaise|thin stream|emulsif|dressing" },
    { role: "flour-pastry", words: "pastry|tart|\\bpie\\b|quiche|rub(?:bed)? (?:in|the butter)" },
    { role: "flour-bread", words: "yeast|knead|bread|\\brolls?\\b|flatbread|pizza|dough rise|prove" },
    { role: "flour-cake", words: "cake|biscuit|cookie|muffin|scone|brownie|crumble|sponge|batter|shortbread|pancake|pudding" },
    { role: "flour-pasta", words: "pasta|noodle|boil" },
    { role: "thickener", words: "custard|thicken|sauce|roux|gravy|coats the (?:back|spoon)|stew|soup|slake" },
    { role: "whipped-cream", words: "whip|peaks|fold in the cream" },
    { role: "fat-spread", words: "spread the (?:bread|toast)|to spread|for the bread|sandwich" },
    { role: "fat-solid", words: "pastry|cake|biscuit|rub|cream the butter|crumble|dough|grease|dot|shortbread|batter|for the (?:dish|tin)" },
    { role: "fat-liquid", words: "fry|saut|brown|toss|roast|soften|sweat|drizzle|heat the" },
    { role: "coating-crumb", words: "crumb|coat|top|scatter|sprinkle over" },
    { role: "crunch", words: "scatter|toast|sprinkle|chop|top with|garnish" },
    { role: "melting-cheese", words: "melt|gratin|bake|grill|bubbl" },
    { role: "hard-cheese", words: "grate|parmesan|sprinkle|shave" },
    { role: "soft-cheese", words: "crumble|soft|fresh|dollop" },
    { role: "umami", words: "fry|season|savou?r" },
    { role: "sweetener", words: "melt|sweet" },
    { role: "liquid-dairy", words: "milk|batter|warm" },
    { role: "cream-body", words: "cream|sauce|stir in|simmer" }
  ],
  otherwise: ["binder", "structure-flour", "fat-solid", "cream-body", "hard-cheese", "melting-cheese", "crunch", "umami", "protein", "stock", "flour-bread", "aromatic"]
};

// packages/core/src/reference/substitutions.ts
var roleNames = {
  "binder": "bind",
  "egg-wash": "glaze and brown",
  "foam": "hold air",
  "emulsifier": "keep oil and water together",
  "thickener": "thicken",
  "coating-glue": "hold the crumb on",
  "coating-crumb": "a crisp coat or top",
  "structure-flour": "structure",
  "flour-cake": "the crumb of a cake",
  "flour-pastry": "short pastry",
  "flour-bread": "bread",
  "flour-pasta": "pasta and grain",
  "fat-solid": "shortening and flavour",
  "fat-spread": "fat to spread",
  "fat-liquid": "cooking fat",
  "liquid-dairy": "milky liquid",
  "cream-body": "body and creaminess",
  "whipped-cream": "whipped cream",
  "melting-cheese": "melt",
  "hard-cheese": "salt and savour on top",
  "soft-cheese": "fresh tang",
  "crunch": "crunch",
  "umami": "savour",
  "stock": "stock",
  "aromatic": "aroma from the root up",
  "alcohol": "wine and spirits",
  "sweetener": "sweetness",
  "gelling": "set",
  "spread": "to spread",
  "protein": "the main part",
  "accompaniment": "served with it"
};
var Role = picklist(Object.keys(roleNames), "This role is not known.");
var SubstitutionRow = strictObject({
  id: string(),
  role: Role,
  /** The foods it can stand in for. */
  replaces: array(FoodId),
  /** What goes in instead; `ratio` is g per g of the food replaced. */
  with: array(strictObject({ food: FoodId, ratio: pipe(number(), minValue(1e-3), maxValue(20)) })),
  /** What the cook does differently. */
  technique: string(),
  /** Minutes more (or less) for the steps that use it. */
  addMin: optional(pipe(number(), integer()), 0),
  /** Kit it needs besides what the step uses; kinds as the kitchen knows them. */
  kit: optional(array(string()), []),
  /** How close it comes in taste and texture, 1 (another dish) to 5 (nobody notices). */
  closeness: pipe(number(), integer(), minValue(1), maxValue(5)),
  source: string()
});
var substitutions = parse(array(SubstitutionRow), [...eggs_default, ...crumbs_and_crunch_default, ...thickening_and_setting_default, ...flour_and_grain_default, ...fats_and_spreads_default, ...milk_and_cream_default, ...cheese_default, ...savour_default, ...sweet_default, ...main_part_default]);
var byId3 = new Map(substitutions.map((each) => [each.id, each]));
function substitutionOf(id) {
  return byId3.get(id);
}
var byFood = /* @__PURE__ */ new Map();
for (const each of substitutions) for (const food of each.replaces) byFood.set(food, [...byFood.get(food) ?? [], each]);
var substitutionsFor = (food) => byFood.get(food) ?? [];
var cueRows = parse(strictObject({ source: string(), cues: array(strictObject({ role: Role, words: string() })), otherwise: array(Role) }), role_cues_default);
var cues = cueRows.cues.map(({ role, words }) => ({ role, pattern: new RegExp(String.raw`\b(?:${words})`, "i") }));
function likelyRole(food, words) {
  const possible = new Set(substitutionsFor(food).map((each) => each.role));
  const [only] = possible;
  if (only === "protein" && possible.size === 1) return cues.find(({ role }) => role === "protein").pattern.test(words) ? "protein" : void 0;
  if (possible.size <= 1) return only;
  return cues.find(({ role, pattern }) => possible.has(role) && pattern.test(words))?.role ?? cueRows.otherwise.find((role) => possible.has(role)) ?? only;
}

// data/reference/cleaning.json
var cleaning_default = [
  { material: "steel", comesClean: true, how: "hot water and detergent, scrub, rinse, clean towel", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "glass", comesClean: true, how: "hot water and detergent, scrub, rinse, clean towel", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "ceramic", comesClean: true, how: "hot water and detergent, scrub, rinse, clean towel", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "plastic", comesClean: true, how: "hot water and detergent, scrub, rinse, clean towel", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "silicone", comesClean: true, how: "hot water and detergent, scrub, rinse, clean towel", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "enamel", comesClean: true, how: "hot water and detergent, scrub, rinse, clean towel", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "stone", comesClean: true, how: "hot water and detergent, scrub, rinse, clean towel", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "skin", comesClean: true, how: "soap and running water, 20 seconds, clean towel; sanitiser does not do it", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "nonstick", comesClean: true, how: "hot water and detergent while the coating is whole; a scratched one never comes clean", source: "Perry et al., J Allergy Clin Immunol 2004;113:973-6; Codex CXC 80-2020" },
  { material: "wood", comesClean: false, how: "porous: keep one for what is free-from", source: "Codex CXC 80-2020: surfaces that cannot be cleaned keep residues" },
  { material: "cast-iron", comesClean: false, how: "seasoned and never washed with detergent to the metal", source: "Codex CXC 80-2020: surfaces that cannot be cleaned keep residues" },
  { material: "mesh", comesClean: false, how: "holds flour and crumbs in the weave", source: "Codex CXC 80-2020: surfaces that cannot be cleaned keep residues" }
];

// packages/core/src/reference/cleaning.ts
var materials = ["steel", "glass", "ceramic", "plastic", "silicone", "enamel", "skin", "stone", "nonstick", "wood", "cast-iron", "mesh"];
var Material = picklist(materials, "This material is not known.");
var CleaningRow = strictObject({
  material: Material,
  /** Whether a wash with hot water and detergent takes food protein off it. */
  comesClean: boolean(),
  how: string(),
  source: string()
});
var table2 = new Map(parse(array(CleaningRow), cleaning_default).map((row) => [row.material, row]));
function cleaningOf(material) {
  const row = table2.get(material);
  if (!row) throw new Error(`No cleaning for "${material}" in data/reference/cleaning.json`);
  return row;
}

// packages/core/src/reference/rules.ts
var rules = {
  /** A label record older than this, in days, asks to be read again. @source kitchen practice: recipes of products change without notice */
  labelKeepsDays: 183,
  /** Needs confirmed longer ago than this, in days, are asked about again. @source kitchen practice */
  needsKeepDays: 365,
  /** After loose flour is handled, nothing that must stay free of it is open in the room for this long. @source kitchen practice, deliberately cautious */
  flourSettlesMin: 30,
  /** An empty domestic oven heats by about this much a minute. @source measured by hand on a 60-litre electric oven */
  ovenHeatsCPerMin: 11,
  /** Door ajar, it cools by about this much a minute. @source measured by hand on the same oven */
  ovenCoolsCPerMin: 5,
  /** A fan oven is set lower by about this much for the same bake. @source usual in British and continental recipes */
  fanCoolerC: 20,
  /** To share an oven, a bake may be so many degrees hotter or cooler than written, its time corrected; an estimate. @source kitchen practice */
  ovenBendsC: 20,
  /** What bakes is taken to be about this warm at its surface, on average. @source estimate: from room temperature to just under 100 °C, where moist food stays */
  bakingSurfaceC: 65,
  /** Meat is not roasted under this. @source USDA FSIS, safe roasting: oven at least 325 °F */
  meatRoastsAtC: 163,
  /** The temperature from which a cold oven starts. */
  roomC: 20,
  /** Hands-on time grows slower than the amount: by this power. @source kitchen practice */
  handsOnExponent: 0.7,
  /** Washing hands with soap and drying them. @source WHO hand-washing guidance, 40 to 60 seconds */
  handWashMin: 1,
  /** A cook who is slow at one thing is slow at the next: the correlation between the times of one cook's work on one day. @source assumption, on the cautious side */
  paceCorrelation: 0.3,
  /** A wash takes this share of its minutes, from a rinse that comes off at once to one that does not. @source kitchen practice */
  washVaries: { least: 0.8, likely: 1, most: 1.6 },
  /** An oven takes this share of its usual minutes to come to a temperature. @source kitchen practice: a full oven, a door left open */
  ovenHeatingVaries: { least: 0.9, likely: 1, most: 1.3 },
  /** What stands until a sign shows (dough doubled, cream set) shows it within so many times its usual time. @source kitchen practice */
  signComesWithin: 1.5,
  /** Food that comes within so many minutes of its time is on time. */
  onTimeWithinMin: 5,
  /** In time on this share of days is sure enough. @source assumption */
  sureEnough: 0.85,
  /** So many minutes to spare are tried where they may help. */
  spareTriedMin: 10,
  /** A component is cooked once for several dishes where it keeps from its end to the last course that needs it, and so many minutes more. @source kitchen practice */
  sharedKeepsLongerMin: 120,
  /** What is done more than twelve hours before serving counts as done ahead. */
  dayStartsMin: -720
};
var bentTimeFactor = (wishC, bentC) => (wishC - rules.bakingSurfaceC) / (wishC + bentC - rules.bakingSurfaceC);

// data/reference/claims.json
var claims_default = [
  { words: ["gluten"], removes: ["gluten"], weakens: ["wheat", "barley", "rye"], because: "gluten-free is under 20 mg/kg of gluten; specially treated wheat starch may be in it" },
  { words: ["wheat"], removes: ["wheat"], weakens: ["gluten"], because: "wheat-free says nothing of barley and rye" },
  { words: ["grain", "cereal"], removes: ["gluten", "wheat", "barley", "rye", "oats"], weakens: [], because: "it is said to hold no cereal" },
  { words: ["flour"], removes: [], weakens: ["wheat", "gluten"], because: "flourless says little of starch and crumbs" },
  { words: ["dairy", "milk", "casein", "milk protein"], removes: ["milk", "lactose"], weakens: [], because: "it is said to hold no milk" },
  { words: ["lactose"], removes: ["lactose"], weakens: [], because: "lactose-free is still milk" },
  { words: ["egg"], removes: ["egg"], weakens: [], because: "it is said to hold no egg" },
  { words: ["nut", "tree nut", "treenut"], removes: ["tree-nut", "almond", "cashew", "walnut", "pecan", "hazelnut", "pistachio", "macadamia", "brazil-nut", "pine-nut"], weakens: ["peanut"], because: "nut-free names tree nuts; peanut is another plant" },
  { words: ["peanut", "groundnut"], removes: ["peanut"], weakens: [], because: "it is said to hold no peanut" },
  { words: ["almond"], removes: ["almond"], weakens: [], because: "it is said to hold no almond" },
  { words: ["coconut"], removes: ["coconut"], weakens: [], because: "it is said to hold no coconut" },
  { words: ["soy", "soya", "soja"], removes: ["soy"], weakens: [], because: "it is said to hold no soy" },
  { words: ["sesame"], removes: ["sesame"], weakens: [], because: "it is said to hold no sesame" },
  { words: ["mustard"], removes: ["mustard"], weakens: [], because: "it is said to hold no mustard" },
  { words: ["celery"], removes: ["celery"], weakens: [], because: "it is said to hold no celery" },
  { words: ["lupin"], removes: ["lupin"], weakens: [], because: "it is said to hold no lupin" },
  { words: ["fish"], removes: ["fish"], weakens: [], because: "it is said to hold no fish" },
  { words: ["shellfish", "crustacean"], removes: ["crustacean"], weakens: ["mollusc"], because: "shellfish means crustaceans first" },
  { words: ["mollusc"], removes: ["mollusc"], weakens: [], because: "it is said to hold no molluscs" },
  { words: ["seafood"], removes: ["fish", "crustacean", "mollusc"], weakens: [], because: "it is said to hold nothing from the sea" },
  { words: ["sulphite", "sulfite", "sulphur", "sulfur"], removes: ["sulphites"], weakens: [], because: "it is said to hold no sulphites" },
  { words: ["alcohol"], removes: ["alcohol"], weakens: [], because: "it is said to hold no alcohol" },
  { words: ["meat"], removes: ["meat", "poultry", "pork"], weakens: [], because: "it is said to hold no meat" },
  { words: ["pork"], removes: ["pork"], weakens: [], because: "it is said to hold no pork" },
  { words: ["beef"], removes: [], weakens: ["meat"], because: "another meat may be in it" },
  { words: ["gelatine", "gelatin"], removes: ["gelatine"], weakens: [], because: "it is said to hold no gelatine" },
  { words: ["honey"], removes: ["honey"], weakens: [], because: "it is said to hold no honey" },
  { words: ["animal"], removes: [], weakens: ["milk", "egg", "meat", "poultry", "pork", "fish", "gelatine", "honey", "other-animal"], because: "\u201Canimal-free\u201D is no regulated word" },
  { words: ["allergen"], removes: [], weakens: [], because: "\u201Callergen-free\u201D says not which" },
  { words: ["yeast", "sugar", "fat", "oil", "salt", "corn", "preservative", "additive", "palm oil", "msg", "caffeine", "gmo", "bpa", "cruelty", "guilt", "cholesterol", "pip", "stone", "seed", "rind", "skin", "bone", "lump", "trouble", "artificial", "colour", "garlic", "onion", "pepper", "chilli", "spice", "antibiotic", "hormone", "trans fat", "chemical", "pesticide", "nitrite", "nitrate", "phosphate", "fuss", "plastic", "tomato", "potato", "rice", "legume", "bean", "citrus", "yeast extract", "mushroom", "nightshade", "aluminium", "aluminum"], removes: [], weakens: [], because: "it says nothing of a hazard here" }
];

// data/reference/plain-words.json
var plain_words_default = ["a", "able", "about", "above", "accompany", "according", "across", "action", "add", "added", "adding", "additional", "adjust", "adult", "adults", "african", "after", "afterwards", "again", "against", "aged", "ahead", "air", "airfryer", "aisle", "alkali", "all", "allergic", "allergies", "allergy", "allotment", "allow", "almost", "along", "already", "also", "alternative", "alternatively", "alternatives", "although", "always", "american", "amount", "amounts", "an", "and", "another", "any", "anything", "apart", "approx", "approximate", "approximately", "are", "aromatic", "around", "artisan", "as", "asian", "aside", "assorted", "at", "aus", "australian", "austrian", "available", "average", "away", "b1", "b12", "b2", "b3", "b5", "b6", "baby", "back", "bag", "bags", "bake", "baked", "baking", "ball", "balls", "bar", "barbecue", "barely", "barista", "base", "based", "bashed", "basic", "basin", "basque", "baste", "basted", "batch", "baton", "batons", "bay", "bbq", "be", "bearded", "beaten", "because", "become", "been", "before", "being", "belgian", "belly", "below", "bench", "beside", "best", "better", "between", "beyond", "big", "biggest", "bit", "bite", "bitter", "black", "blackened", "blanched", "blended", "blender", "blitzed", "blob", "blobs", "block", "blocks", "blossom", "blossoms", "blue", "board", "bodied", "boil", "boiled", "boiling", "bombay", "bone", "boned", "boneless", "both", "bottle", "bottleful", "bottles", "bottom", "bought", "bowl", "bowlful", "box", "boxes", "braised", "brand", "brands", "brazilian", "breast", "breed", "bright", "brine", "bring", "british", "broken", "brown", "browned", "brownish", "bruised", "brunoise", "brush", "brushed", "brushing", "bubble", "bubbling", "bud", "buds", "buffalo", "bulb", "bulbs", "bunch", "bunches", "bundle", "burnt", "busy", "but", "butcher", "butterflied", "by", "c", "cajun", "caking", "cal", "call", "can", "canadian", "candle", "canful", "cans", "cap", "capful", "caramelised", "caramelized", "care", "carefully", "caribbean", "carton", "carve", "casserole", "caught", "cc", "celsius", "centilitre", "centimetre", "centimetres", "centre", "certified", "char", "charred", "cheap", "check", "checked", "cheek", "chef", "chewy", "children", "chill", "chilled", "chilling", "chinese", "choice", "choose", "chop", "chopped", "chopping", "chops", "christmas", "chunk", "chunks", "chunky", "citrussy", "citrusy", "cl", "clarify", "classic", "claw", "claws", "clean", "cleaned", "clingfilm", "close", "cloth", "clove", "cm", "coarse", "coarsely", "coat", "coated", "coating", "cocktail", "coin", "coins", "colander", "cold", "collect", "colossal", "colour", "coloured", "colourful", "combined", "come", "complete", "completely", "con", "contain", "container", "contains", "contents", "cook", "cooked", "cooking", "cool", "cooled", "cooling", "core", "cored", "corner", "cornish", "counter", "couple", "cover", "covered", "cow", "cowboy", "crack", "cracked", "creamy", "crinkle", "crisp", "crisped", "crisply", "crispy", "cross", "crosscut", "crosswise", "crown", "crowns", "crumbed", "crumble", "crumbled", "crumbling", "crumbly", "crunchy", "crush", "crushed", "crust", "crusted", "cube", "cubed", "cubes", "cultivar", "cup", "cupful", "cupfuls", "cups", "cured", "curl", "curled", "curls", "cut", "cutlery", "cutlet", "cutting", "cylinder", "d2", "dag", "daily", "danish", "dark", "darker", "dash", "dashes", "date", "day", "days", "de", "debearded", "deboned", "deciliter", "decilitre", "decorate", "decoration", "deep", "defrosted", "degree", "degrees", "deli", "delicate", "deluxe", "depending", "derivative", "deseeded", "desire", "desired", "dessertspoon", "dessertspoons", "destalked", "destemmed", "destringed", "deveined", "devon", "di", "diagonally", "diameter", "dice", "diced", "dietary", "diets", "different", "dip", "dipping", "discard", "discarded", "dish", "dishes", "dissolved", "divide", "divided", "dl", "do", "does", "dollop", "dollops", "done", "double", "down", "dozen", "drain", "drained", "draining", "dressed", "dribble", "dried", "drink", "drizzle", "drizzled", "drizzles", "drizzling", "drop", "dropper", "drops", "dry", "dsp", "dspn", "dstspn", "du", "during", "dust", "dusted", "dusting", "dutch", "each", "ear", "ears", "earthy", "easter", "easy", "eat", "edge", "edible", "eight", "either", "else", "english", "enough", "enriched", "ensure", "environment", "equal", "equivalent", "escalope", "escalopes", "especially", "estimate", "et", "etc", "evenly", "eventually", "every", "everyday", "ewe", "exact", "excess", "excluding", "extra", "fahrenheit", "fairly", "family", "fan", "farmed", "farmhouse", "fat", "fattened", "favorite", "favourite", "fed", "feel", "fennel", "festive", "few", "fibrous", "fiery", "fill", "filled", "fillet", "filleted", "fillets", "filling", "final", "find", "fine", "finely", "finest", "finger", "fingers", "finish", "finishing", "firm", "firmer", "firmish", "firmly", "first", "fistful", "five", "fl", "flake", "flaked", "flakes", "flaky", "flash", "flat", "flavored", "flavorful", "flavour", "flavoured", "flavourful", "floral", "floret", "florets", "floury", "flowing", "floz", "fluffy", "fluid", "foil", "fold", "follow", "food", "for", "foraged", "fore", "fork", "four", "fragrant", "free", "freeze", "freezer", "french", "frenched", "fresh", "freshly", "fridge", "fried", "friendly", "from", "frond", "fronds", "front", "frozen", "fruity", "fry", "fryer", "frying", "full", "fullfat", "fully", "g", "gal", "gallon", "gallons", "garden", "garlicky", "garnish", "garnishing", "generous", "generously", "gentle", "gently", "germ", "german", "germinated", "get", "giant", "gingery", "glass", "glaze", "glazed", "glossy", "glug", "glugs", "gm", "gms", "gnarly", "go", "golden", "good", "goujons", "gr", "grade", "gram", "grams", "grass", "grassy", "grated", "grating", "grease", "greasing", "great", "greek", "green", "greengrocer", "greenish", "griddle", "grill", "grilled", "grilling", "grind", "grinding", "grinds", "grm", "grocer", "gross", "ground", "grown", "grs", "guest", "guests", "gutted", "halal", "half", "halffat", "halved", "halves", "hand", "handful", "handfull", "handfuls", "handheld", "handmade", "handpicked", "handy", "happy", "hard", "haunch", "have", "head", "heads", "heaped", "heaping", "heart", "heat", "heated", "heavily", "heavy", "heirloom", "helping", "herby", "here", "heritage", "high", "highly", "hind", "hob", "hole", "holes", "home", "homegrown", "homemade", "homogenised", "homogenized", "hot", "hottest", "hour", "hours", "how", "however", "hr", "hrs", "huge", "hulled", "hulling", "hungarian", "hunk", "husk", "husked", "ice", "iced", "ideal", "ideally", "if", "imperial", "imported", "in", "inch", "inches", "include", "included", "including", "indian", "individual", "infused", "inner", "inside", "insoluble", "instant", "instead", "intact", "intense", "into", "intolerance", "intolerant", "irish", "is", "ish", "it", "italian", "item", "items", "its", "jamaican", "japanese", "jar", "jarful", "jars", "jersey", "joint", "jointed", "joints", "jug", "juice", "juiced", "julienne", "julienned", "jumbo", "just", "k1", "k2", "kcal", "keep", "keeping", "kentish", "kernel", "kg", "kgs", "kids", "kilo", "kilogram", "kind", "kitchen", "kj", "kneading", "knife", "knob", "knobbly", "knobs", "korean", "kosher", "l", "la", "label", "ladle", "ladleful", "larder", "large", "larger", "largest", "largish", "last", "later", "layer", "layered", "layers", "lb", "lbs", "le", "leaf", "lean", "least", "leave", "leaves", "leaving", "lebanese", "left", "leftover", "leg", "lemony", "length", "lengths", "lengthways", "lengthwise", "less", "let", "level", "lick", "lid", "lidded", "lift", "light", "lighter", "lightly", "like", "liking", "line", "lined", "lining", "liquid", "liquidised", "liter", "liters", "litre", "litres", "little", "live", "local", "log", "loin", "long", "loop", "loops", "loosely", "lot", "lots", "lovely", "low", "lower", "lowfat", "lukewarm", "lump", "lumps", "lunchbox", "luxury", "machine", "made", "main", "make", "maker", "making", "many", "marinade", "marinated", "marinating", "market", "mash", "mashed", "mashing", "matchbox", "matchstick", "matchsticks", "mature", "may", "maybe", "measure", "measured", "medallion", "medallions", "mediterranean", "medium", "mellow", "melt", "melted", "melting", "membrane", "metre", "metric", "mexican", "microwave", "mid", "middle", "might", "mild", "mildest", "milliliter", "millilitre", "millilitres", "millimetre", "millimetres", "mince", "minced", "mini", "miniature", "mins", "minty", "minus", "minute", "minutes", "mit", "mix", "mixed", "mixer", "mixing", "mixture", "ml", "mls", "mm", "modified", "moist", "monkey", "month", "months", "more", "moroccan", "most", "mother", "mould", "moulds", "mound", "mouthful", "much", "mug", "mugful", "mugs", "must", "name", "native", "natural", "near", "nearly", "neat", "neatly", "neck", "need", "needed", "needle", "needles", "needs", "nest", "nests", "net", "neutral", "newly", "next", "nibble", "nice", "nicely", "night", "nine", "no", "nob", "nobs", "non", "nonfat", "normal", "not", "note", "now", "nub", "nugget", "number", "nutritious", "oblong", "of", "off", "often", "oil", "old", "older", "on", "once", "one", "oniony", "only", "open", "opened", "option", "optional", "optionally", "options", "or", "orange", "order", "ordinary", "organic", "other", "others", "otherwise", "ounce", "ounces", "our", "out", "outer", "oven", "over", "overnight", "own", "oz", "ozs", "pack", "package", "packages", "packed", "packet", "packets", "packs", "page", "pale", "paler", "palm", "pan", "pantry", "paper", "part", "partially", "partly", "parts", "party", "paste", "pasteurised", "pasteurized", "pat", "patted", "peak", "peaks", "peel", "peelable", "peeled", "peelings", "people", "peppered", "peppery", "per", "perfect", "perfectly", "perhaps", "persian", "person", "peruvian", "petals", "petite", "pick", "picked", "pickle", "pickled", "picnic", "piece", "pieces", "pierced", "pin", "pinch", "pinches", "pinchful", "pink", "pint", "pints", "pith", "pithless", "pithy", "pitted", "pkt", "place", "plain", "plant", "plate", "plenty", "plump", "plumped", "plunge", "plus", "poach", "poached", "pod", "podded", "pods", "point", "pole", "polish", "portion", "portioned", "portions", "portuguese", "possible", "possibly", "posy", "pot", "potful", "pots", "pouch", "pouches", "pound", "pounded", "pounds", "pour", "powder", "powdered", "pre", "precooked", "prefer", "preferably", "preferred", "preheated", "premium", "prep", "preparation", "prepared", "presoaked", "press", "pressed", "pressure", "prevent", "prick", "pricked", "processed", "processor", "properly", "provencal", "pt", "pts", "puff", "pulp", "pulsed", "punnet", "punnets", "pure", "puree", "pureed", "purple", "purplish", "purse", "put", "qt", "quality", "quart", "quarter", "quartered", "quarters", "quarts", "quick", "quickly", "quite", "rack", "ramekin", "ramekins", "range", "rasher", "rashers", "rather", "ratio", "raw", "rda", "reach", "ready", "readymade", "really", "recently", "recipe", "red", "reddish", "reduced", "refined", "regular", "reheat", "remaining", "remains", "remove", "removed", "removing", "rendered", "replacer", "required", "requirement", "requirements", "reserve", "reserved", "rest", "rested", "resting", "return", "reverse", "rib", "ribbon", "ribboned", "ribbons", "ribs", "right", "rim", "rind", "rinse", "rinsed", "rinsing", "ripe", "ripened", "riper", "roast", "roasted", "roasting", "roasty", "roll", "rolled", "rolling", "room", "root", "rosettes", "roughly", "round", "rounded", "rounds", "royal", "royals", "rub", "rubbed", "rump", "run", "running", "runny", "russian", "rustic", "sachet", "sachetful", "sachets", "saddle", "safe", "salt", "salted", "salty", "same", "sauce", "saucepan", "sauteed", "saut\xE9ed", "save", "savoury", "say", "scald", "scalded", "scaled", "scandinavian", "scant", "scantly", "scatter", "scattered", "scattering", "scented", "scoop", "scooped", "scoops", "scored", "scottish", "scraped", "scraping", "scrubbed", "seal", "season", "seasonal", "seasoned", "second", "seconds", "section", "see", "seeded", "segment", "segments", "selected", "self", "sell", "semi", "separate", "separated", "separately", "serve", "served", "serves", "serving", "servings", "set", "seven", "several", "shake", "shaken", "shakes", "shank", "shaped", "sharp", "sharpish", "shave", "shaved", "shaving", "shavings", "sheep", "sheet", "sheets", "shelf", "shell", "shelled", "shells", "shepherd", "shin", "shine", "shiny", "shoot", "shoots", "shop", "shopbought", "short", "shot", "shots", "shoulder", "show", "shred", "shredded", "shreds", "shucked", "sicilian", "side", "sides", "sieve", "sieved", "sift", "sifted", "silken", "silverskin", "similar", "simmer", "simmered", "simmering", "simple", "since", "sinew", "single", "six", "size", "sized", "skewered", "skillet", "skim", "skimmed", "skin", "skinless", "skinned", "slab", "slaked", "sleeve", "sleeves", "slice", "sliced", "slices", "slightly", "slit", "slitted", "sliver", "slivered", "slivers", "slow", "slug", "small", "smaller", "smallest", "smallish", "smash", "smashed", "smear", "smidge", "smidgen", "smoked", "smokey", "smoky", "smooth", "snapped", "snipped", "soak", "soaked", "soaking", "sodium", "soft", "softened", "softer", "softly", "solid", "soluble", "some", "soon", "sort", "soupcon", "sour", "sourer", "space", "spanish", "spare", "sparingly", "spatula", "spear", "spears", "special", "spiced", "spicy", "spiralised", "spiralized", "splash", "split", "spoon", "spoonful", "spoonfuls", "spray", "spread", "spreading", "sprig", "sprigs", "spring", "sprinkle", "sprinkled", "sprinkling", "spritz", "squash", "squeaky", "squeeze", "squeezed", "squidged", "squirt", "squirts", "stage", "stale", "stalk", "stalked", "stalks", "stalky", "stall", "standard", "star", "starchy", "start", "starting", "state", "steady", "steak", "steaks", "steam", "steamed", "steamer", "steaming", "steep", "steeped", "stem", "stemmed", "stems", "step", "sterilised", "stick", "sticking", "sticks", "sticky", "still", "stir", "stirred", "stirring", "stock", "stoned", "stoneground", "stones", "store", "storecupboard", "stove", "straight", "strain", "strained", "strand", "strands", "streaky", "street", "string", "stringed", "strings", "strip", "strips", "strong", "stuff", "stuffed", "style", "substantial", "subtle", "such", "sugar", "sugary", "suitable", "sun", "sunday", "superfine", "supermarket", "sure", "surface", "sustainably", "swedish", "sweet", "sweetened", "sweeter", "sweetish", "swirl", "swiss", "t", "table", "tablespoon", "tablespoonful", "tablespoons", "tail", "tailed", "tails", "take", "taken", "taking", "tall", "tangier", "tangy", "tart", "taste", "tasting", "tb", "tbl", "tbs", "tbsp", "tbspn", "tbsps", "tear", "teaspoon", "teaspoonful", "teaspoons", "temp", "temperature", "ten", "tender", "tepid", "texture", "thai", "than", "that", "thawed", "the", "their", "them", "then", "there", "therefore", "these", "they", "thick", "thickened", "thicker", "thickly", "thickness", "thigh", "thin", "thinly", "thinner", "thirded", "thirds", "this", "those", "thread", "threads", "three", "through", "throughout", "thumb", "thumbnail", "thumbs", "tidy", "tie", "tied", "tightly", "time", "times", "tin", "tinful", "tins", "tiny", "tip", "tips", "tired", "to", "toasted", "toasty", "toddler", "together", "too", "top", "topped", "topping", "tops", "torn", "toss", "tossed", "total", "touch", "tough", "towel", "trace", "traces", "traditional", "tray", "treat", "treated", "treats", "triangle", "triangles", "trickle", "trim", "trimmed", "trimmings", "tsp", "tspn", "tsps", "tub", "tubful", "tubs", "turkish", "turn", "turned", "tuscan", "twice", "twist", "twisted", "twists", "two", "type", "uht", "uk", "unbleached", "uncooked", "uncured", "und", "under", "undrained", "undyed", "unless", "unopened", "unpeeled", "unpitted", "unrefined", "unripe", "unsalted", "unseasoned", "unshelled", "unsmoked", "unsulphured", "unsweetened", "until", "unwashed", "unwaxed", "up", "upon", "upper", "ups", "us", "use", "used", "using", "usual", "usually", "v", "value", "varieties", "variety", "various", "vary", "ve", "vegetarian", "veined", "vertical", "very", "vg", "via", "vibrant", "vietnamese", "vinegary", "vintage", "virgin", "wafer", "wait", "warm", "warming", "warning", "was", "wash", "washed", "washing", "water", "waxed", "waxy", "way", "ways", "wedge", "wedges", "wee", "week", "weekend", "weeks", "weigh", "weighed", "weight", "well", "welsh", "what", "whatever", "wheel", "when", "where", "which", "whichever", "while", "whip", "whipped", "whisk", "whisked", "white", "whizz", "whizzed", "who", "whole", "whopping", "wide", "width", "wild", "will", "wilted", "window", "wing", "wipe", "wiped", "wish", "with", "without", "wodge", "wok", "won", "wonky", "woody", "wrap", "wrapped", "wrung", "wt", "x", "xl", "yellow", "yellowish", "yes", "yesterday", "yesterday's", "yield", "yorkshire", "you", "young", "your", "zero", "zest", "zested", "zesty", "zingy", "ziplock", "elbow", "overripe", "underripe"];

// data/reference/words.json
var words_default = [
  { words: ["wholemeal", "wheaten", "whole grain wheat", "wheat fibre", "wheat fiber", "wheat extract", "wheat solids", "fu", "wheat semolina", "club wheat", "triticum", "vulgare wheat", "wheat protein", "hydrolysed wheat protein", "hydrolyzed wheat protein", "hydrolyzed wheat gluten", "fortified wheat flour", "wheat rusk", "wheat crumb", "malted wheat", "malted wheat flour", "wheat malt", "wheat crispies", "wheat-based", "toasted wheat", "farina", "enriched wheat flour", "wheat middlings", "sprouted wheat", "hard wheat", "soft wheat", "bread wheat", "matzo ball", "kataifi dough", "croquant wafer", "cracker crumbs", "frumento", "weizen", "panure", "couscous mix"], contains: ["wheat"] },
  { words: ["barley malt flavouring", "barley malt flavoring", "malt flavouring", "malt flavoring", "malted barley flour", "roasted barley", "barley enzyme", "barley extract", "barley starch", "hordeum", "barley fibre", "malt liquor", "barley protein"], contains: ["barley"] },
  { words: ["rye malt", "rye starter", "rye sourdough powder", "secale", "malted rye"], contains: ["rye"] },
  { words: ["malted oats", "oat starch", "oat protein", "oat syrup", "oat base", "oat kernels", "avena", "wholegrain oats", "whole grain oats", "oat extract", "hydrolysed oats"], contains: ["oats"], possible: ["gluten"] },
  { words: ["cereal extract", "cereal flour", "grain", "multigrain", "malted grain", "cereal starch", "mixed grains", "whole grain", "wholegrain", "cereal bran"], possible: ["wheat", "barley", "rye", "oats", "gluten"] },
  { words: ["gluten", "gluten protein"], contains: ["gluten"] },
  { words: ["cereals containing gluten", "gluten containing cereals", "cereals with gluten", "gluten-containing grains", "grains containing gluten"], contains: ["gluten", "wheat"], source: "Regulation (EU) No 1169/2011, Annex II" },
  { words: ["wheat glucose syrup", "wheat dextrose", "wheat maltodextrin", "wheat-based maltodextrin", "wheat-derived glucose syrup", "wheat based glucose syrup"], possible: ["wheat"], source: "Regulation (EU) No 1169/2011, Annex II: exempt from naming the grain" },
  { words: ["barley glucose syrup", "barley-based glucose syrup"], possible: ["barley"], source: "Regulation (EU) No 1169/2011, Annex II: exempt from naming the grain" },
  { words: ["hydrolysed yeast", "autolysed yeast", "autolyzed yeast", "autolyzed yeast extract", "autolysed yeast extract", "yeast extract powder", "brewers yeast", "yeast powder", "savoury flavouring", "savory flavoring"], possible: ["barley", "gluten"] },
  { words: ["dextrin", "thickener starch", "edible starch", "food starch", "vegetable starch", "icing stabiliser starch", "modified vegetable starch"], possible: ["wheat"] },
  { words: ["casein", "caseinate", "sodium caseinate", "calcium caseinate", "potassium caseinate", "magnesium caseinate", "rennet casein", "lactalbumin", "alpha-lactalbumin", "lactoglobulin", "beta-lactoglobulin", "lactoferrin", "lactulose-milk", "milk derivative", "lactalbumin phosphate", "casein hydrolysate", "hydrolysed casein", "hydrolysed whey", "hydrolysed milk protein", "recaldent", "milk peptides", "tagatose-milk", "simplesse", "e4900", "milk protein concentrate", "milk protein isolate", "milk albumin", "curd"], contains: ["milk"], possible: ["lactose"] },
  { words: ["butterfat", "milk fat", "butter fat", "butter concentrate", "butter solids", "concentrated butter", "butter powder", "butteroil", "beurre", "cheese powder", "cheese solids", "cheese culture", "cheese flavouring", "cheese flavoring", "yogurt powder", "yoghurt powder", "cultured milk", "fermented milk", "smen"], contains: ["milk"], possible: ["lactose"] },
  { words: ["anhydrous milk fat"], contains: ["milk"] },
  { words: ["lactose", "milk sugar", "lactose powder"], contains: ["milk", "lactose"] },
  { words: ["whey solids", "whey permeate", "whey derivative", "demineralised whey", "demineralized whey", "dried whey", "whey syrup", "whey starter", "acid whey", "lactoserum", "milk serum", "milk constituents", "milk components", "milk ingredients", "modified milk ingredients", "dairy", "dairy solids", "milk products", "dairy product", "cream powder", "buttermilk solids", "whole milk solids", "nonfat milk", "non-fat milk", "non fat milk solids", "nonfat milk solids", "milk solids non fat", "recombined milk", "reconstituted milk", "milk crumb", "lait", "latte powder", "milk concentrate", "permeate", "sour cream powder", "sour cream solids", "junket powder", "milk permeate powder", "filled milk", "colostrum", "dairy concentrate"], contains: ["milk", "lactose"] },
  { words: ["lactic casein", "paneer masala gravy"], contains: ["milk"], possible: ["lactose"] },
  { words: ["lactitol", "e966"], possible: ["milk"], source: "Regulation (EU) No 1169/2011, Annex II: exempt from naming the milk" },
  { words: ["natural flavouring", "natural flavoring", "natural flavor", "natural flavour", "flavouring", "flavoring", "flavors", "flavour", "aroma", "natural aroma", "smoke flavoring", "flavouring preparation", "artificial flavor", "artificial flavour", "artificial flavouring", "flavour compound", "nature identical flavouring", "natural vanilla flavouring", "vanilla flavor", "natural vanilla flavor", "natural strawberry flavouring", "butter flavouring", "butter flavor", "butter flavour", "caramel flavouring", "cream flavouring", "milk flavouring", "cream flavour", "lemon flavouring", "natural lemon flavouring", "orange flavouring", "vanillin flavouring", "natural orange flavouring", "mint flavouring", "strawberry flavouring", "natural flavouring substances"], possible: ["milk", "other-animal"] },
  { words: ["vanillin", "ethyl vanillin", "ethylvanillin", "lemon oil", "orange oil", "peppermint oil", "essential oil", "oil of lemon", "clove oil", "spearmint oil", "menthol", "bergamot oil", "citrus oil", "cassia oil", "coriander oil"] },
  { words: ["non-dairy creamer powder", "nondairy", "non-dairy topping", "whipped topping", "dessert topping", "topping"], possible: ["milk", "lactose", "soy"] },
  { words: ["lactic acid", "e270", "lactate", "sodium lactate", "calcium lactate", "potassium lactate", "lactic acid bacteria", "lactobacillus", "lactic ferments", "lactic culture", "stearoyl lactylate", "lactylate", "lactylic esters", "cream of rice", "cocoa mass", "cocoa butter equivalent", "galactose", "tagatose"], kind: "trap" },
  { words: ["cream of wheat"], contains: ["wheat"] },
  { words: ["albumin", "ovalbumin", "ovomucoid", "ovoglobulin", "ovomucin", "ovotransferrin", "conalbumin", "livetin", "ovovitellin", "vitellin", "egg lecithin", "egg albumin", "egg albumen", "egg solids", "egg lysozyme", "egg products", "pasteurised whole egg", "egg glaze", "globulin", "apovitellenin", "phosvitin", "silici albuminate", "egg protein", "barn egg", "cage-free eggs", "oeuf", "free range egg yolk", "salted egg", "egg noodle pasta", "egg pasta flakes", "avgolemono", "meringue powder mix", "dried egg albumen", "egg albumen powder", "spray-dried egg"], contains: ["egg"] },
  { words: ["lysozyme", "e1105"], contains: ["egg"], source: "Regulation (EU) No 1169/2011, Annex II: E1105 is made from egg white" },
  { words: ["scotch egg"], contains: ["egg", "wheat", "meat"] },
  { words: ["eggy", "eggs benedict", "french toast", "eggy bread", "egg fried"], contains: ["egg"], possible: ["wheat", "milk"] },
  { words: ["buttered", "butter-basted", "butter-fried"], contains: ["milk"], possible: ["lactose"] },
  { words: ["scotch broth"], contains: ["barley", "meat"], possible: ["celery"] },
  { words: ["bombay duck"], contains: ["fish"] },
  { words: ["beer batter", "beer-battered"], contains: ["wheat", "barley"], possible: ["egg", "alcohol"] },
  { words: ["ground cashews", "flaked cashews", "cashew flour", "cashew meal", "cashew oil", "cashew extract", "cashew paste", "cashew pieces", "cashew protein", "cashew crumb", "cashew puree", "cashew filling", "cashew base", "cashew yogurt", "cashew yoghurt", "cashew syrup", "cashew praline", "cashew mass", "roasted cashews", "chopped cashews", "cashew flavouring", "cashew nougat", "cashew granola"], contains: ["cashew"] },
  { words: ["ground walnuts", "flaked walnuts", "walnut flour", "walnut meal", "walnut cream", "walnut extract", "walnut paste", "walnut protein", "walnut nut", "walnut crumb", "walnut puree", "walnut filling", "walnut base", "walnut yogurt", "walnut yoghurt", "walnut syrup", "walnut praline", "walnut mass", "roasted walnuts", "chopped walnuts", "walnut flavouring", "walnut nougat", "walnut granola"], contains: ["walnut"] },
  { words: ["ground pecans", "flaked pecans", "pecan flour", "pecan meal", "pecan butter", "pecan milk", "pecan drink", "pecan cream", "pecan extract", "pecan paste", "pecan pieces", "pecan protein", "pecan crumb", "pecan puree", "pecan filling", "pecan base", "pecan yogurt", "pecan yoghurt", "pecan syrup", "pecan praline", "pecan mass", "roasted pecans", "chopped pecans", "pecan flavouring", "pecan nougat", "pecan granola"], contains: ["pecan"] },
  { words: ["flaked hazelnuts", "hazelnut cream", "hazelnut extract", "hazelnut pieces", "hazelnut protein", "hazelnut nut", "hazelnut crumb", "hazelnut puree", "hazelnut filling", "hazelnut base", "hazelnut yogurt", "hazelnut yoghurt", "hazelnut syrup", "hazelnut mass", "chopped hazelnuts", "hazelnut flavouring", "hazelnut nougat", "hazelnut granola"], contains: ["hazelnut"] },
  { words: ["ground pistachios", "flaked pistachios", "pistachio flour", "pistachio meal", "pistachio milk", "pistachio drink", "pistachio extract", "pistachio pieces", "pistachio protein", "pistachio crumb", "pistachio puree", "pistachio filling", "pistachio base", "pistachio yogurt", "pistachio yoghurt", "pistachio syrup", "pistachio praline", "pistachio mass", "roasted pistachios", "chopped pistachios", "pistachio flavouring", "pistachio nougat", "pistachio granola"], contains: ["pistachio"] },
  { words: ["ground macadamias", "flaked macadamias", "macadamia flour", "macadamia meal", "macadamia butter", "macadamia cream", "macadamia extract", "macadamia paste", "macadamia pieces", "macadamia protein", "macadamia crumb", "macadamia puree", "macadamia filling", "macadamia base", "macadamia yogurt", "macadamia yoghurt", "macadamia syrup", "macadamia praline", "macadamia mass", "roasted macadamias", "chopped macadamias", "macadamia flavouring", "macadamia nougat", "macadamia granola"], contains: ["macadamia"] },
  { words: ["almond pieces", "almond protein", "almond crumb", "almond puree", "almond filling", "almond base", "almond praline", "almond mass", "roasted almonds", "almond nougat", "almond granola"], contains: ["almond"] },
  { words: ["ground brazil nuts", "flaked brazil nuts", "brazil nut flour", "brazil nut meal", "brazil nut butter", "brazil nut milk", "brazil nut drink", "brazil nut cream", "brazil nut oil", "brazil nut extract", "brazil nut paste", "brazil nut pieces", "brazil nut protein", "brazil nut nut", "brazil nut crumb", "brazil nut puree", "brazil nut filling", "brazil nut base", "brazil nut yogurt", "brazil nut yoghurt", "brazil nut syrup", "brazil nut praline", "brazil nut mass", "roasted brazil nuts", "chopped brazil nuts", "brazil nut flavouring", "brazil nut nougat", "brazil nut granola"], contains: ["brazil-nut"] },
  { words: ["prunus dulcis", "amygdalin paste", "mandel", "marcona", "marcona almond", "jordan almond", "sugared almond", "almond thins", "frangipan"], contains: ["almond"] },
  { words: ["juglans", "anacardium"], contains: ["tree-nut"] },
  { words: ["gianduja cream", "nut brittle mix"], contains: ["hazelnut"] },
  { words: ["persipan", "apricot kernel", "apricot kernel paste"], possible: ["almond", "tree-nut"] },
  { words: ["natural nut extract", "nut extract", "nut pieces", "nut paste", "nut meat", "nut topping", "nut filling", "nut protein", "nut spread", "nut flavouring", "mixed tree nuts", "assorted nuts", "nut cluster", "nutty granola", "nut bar", "nut cheese", "nut-based cheese", "nut mylk", "nut loaf", "caramelised nuts", "candied nuts", "nut yoghurt", "nut crumble"], contains: ["tree-nut"] },
  { words: ["peanut flour blend", "groundnut flour", "peanut protein", "peanut pieces", "hydrolysed peanut protein", "arachis", "arachis hypogaea", "arachide", "goobers", "mandelonas", "earth nuts", "earthnut", "peanut brittle", "peanut granules", "peanut stew", "peanut dressing"], contains: ["peanut"] },
  { words: ["refined arachis oil", "hydrogenated peanut oil", "highly refined peanut oil"], possible: ["peanut"] },
  { words: ["okara", "soy lecithin", "soya lecithin", "soybean lecithin", "soja lecithin", "yuba", "soya flour blend", "soy protein isolate", "soya protein isolate", "soy protein concentrate", "soya protein concentrate", "hydrolysed soya protein", "hydrolyzed soy protein", "hydrolysed soy protein", "soy solids", "soy grits", "soy fibre", "soya fibre", "soy nuts", "soya nuts", "soy milk powder", "soya milk powder", "soy albumin", "glycine max", "soybean paste", "soybean curd", "soya mince", "soy mince", "soya granules", "textured soya", "textured soy", "textured soy protein", "textured soy flour", "soybean flour", "soy extract", "soya bean extract", "kinako powder", "soy sauce powder", "soy base", "soybean protein", "teriyaki glaze", "soya pieces", "inari", "soy isolate", "soy crisps", "soybean sprouts", "soy dessert", "soya dessert"], contains: ["soy"] },
  { words: ["lecithin", "e322"], possible: ["soy", "egg"] },
  { words: ["sunflower lecithin", "rapeseed lecithin", "canola lecithin"] },
  { words: ["hydrogenated soybean oil", "partially hydrogenated soybean oil", "refined soya oil", "fully refined soya oil", "highly refined soybean oil", "hydrogenated vegetable oil", "partially hydrogenated vegetable oil", "vegetable fat blend", "hydrogenated vegetable fat", "mixed tocopherols", "natural tocopherols", "vegetable sterols", "plant sterols"], possible: ["soy"] },
  { words: ["vegetable protein", "hydrolysed vegetable protein", "hydrolyzed vegetable protein", "textured protein", "hydrolyzed plant protein", "hvp", "hydrolysed protein", "hydrolyzed protein", "plant protein", "vegetable protein isolate", "texturised vegetable protein", "textured plant protein", "protein crisps", "hydrolysed plant protein"], possible: ["soy", "wheat"] },
  { words: ["weizen", "weizenmehl", "weizenstarke", "bl\xE9", "farine de bl\xE9", "farine", "froment", "frumento", "farina di frumento", "grano duro", "trigo", "harina de trigo", "tarwe", "hvede"], contains: ["wheat"] },
  { words: ["gerste", "gerstenmalz", "gerstenmalzextrakt", "orge", "malt d orge", "cebada"], contains: ["barley"] },
  { words: ["roggen", "roggenmehl", "seigle", "segale", "centeno"], contains: ["rye"] },
  { words: ["hafer", "haferflocken", "avoine", "flocons d avoine", "avena"], contains: ["oats"], possible: ["gluten"] },
  { words: ["milch", "vollmilch", "magermilchpulver", "milchpulver", "vollmilchpulver", "sahne", "molkenpulver", "lait", "lait entier", "lait en poudre", "cr\xE8me fra\xEEche \xE9paisse", "latte intero", "latte in polvere", "panna", "leche", "leche en polvo", "nata", "kaas", "k\xE4se", "fromage", "formaggio", "queso curado"], contains: ["milk"], possible: ["lactose"] },
  { words: ["beurre", "burro", "mantequilla", "butterreinfett", "boter"], contains: ["milk"], possible: ["lactose"] },
  { words: ["milchzucker"], contains: ["milk", "lactose"] },
  { words: ["eier", "vollei", "eigelb", "eiweiss", "eiklar", "oeufs", "blanc d oeuf", "jaune d oeuf", "uova", "uovo", "tuorlo", "huevo"], contains: ["egg"] },
  { words: ["haselnuss", "haseln\xFCsse", "noisette", "nocciole", "avellanas"], contains: ["hazelnut"] },
  { words: ["mandeln", "mandel", "amande", "mandorle", "almendra"], contains: ["almond"] },
  { words: ["walnuss", "waln\xFCsse", "noix", "noci", "nueces"], contains: ["walnut"] },
  { words: ["schalenfr\xFCchte", "n\xFCsse", "fruits \xE0 coque", "frutta a guscio", "frutos secos"], contains: ["tree-nut"] },
  { words: ["erdnuss", "erdn\xFCsse", "arachides", "cacahu\xE8tes", "arachidi"], contains: ["peanut"] },
  { words: ["sojabohnen", "sojalecithin", "sojamehl", "soja l\xE9cithine"], contains: ["soy"] },
  { words: ["fisch", "poisson", "pesce", "pescado"], contains: ["fish"] },
  { words: ["krebstiere", "garnelen", "crustac\xE9s", "crostacei", "crust\xE1ceos", "gamberi", "gambas"], contains: ["crustacean"] },
  { words: ["weichtiere", "mollusques", "molluschi", "moluscos"], contains: ["mollusc"] },
  { words: ["sesam", "s\xE9samo"], contains: ["sesame"] },
  { words: ["sellerie", "knollensellerie", "c\xE9leri", "sedano", "apio"], contains: ["celery"] },
  { words: ["senf", "senfk\xF6rner", "moutarde", "graines de moutarde", "senape", "mostaza"], contains: ["mustard"] },
  { words: ["sulfite", "solfiti", "sulfitos", "schwefeldioxid", "anhydride sulfureux"], contains: ["sulphites"] },
  { words: ["zucker", "sucre", "zucchero", "az\xFAcar", "salz", "sel", "sale", "wasser", "eau", "acqua", "agua", "reis", "riz", "riso", "arroz", "huile", "\xF6l", "olio", "aceite", "kartoffeln", "pommes de terre", "tomaten", "tomates", "pomodori"] },
  { words: ["mirepoix", "soffritto", "sofrito base", "celery powder", "celery extract", "celery juice powder", "celery concentrate", "celery juice concentrate", "celery flavouring", "celeriac powder", "celery root powder", "celery leaf powder", "apium graveolens", "celery oil", "cultured celery extract", "cultured celery powder", "celery flakes", "bolognese base"], contains: ["celery"] },
  { words: ["mustard flour", "mustard bran", "mustard husk", "mustard extract", "mustard flavouring", "mustard powder blend", "sinapis", "mustard vinegar", "mustard dressing", "mustard vinaigrette", "mustard sauce", "mustard sprouts", "mustard cabbage", "moutarde", "mustard mayo", "senf"], contains: ["mustard"] },
  { words: ["sesame flour", "sesame protein", "sesamum indicum", "sesame extract", "sesame flavouring", "sesamol", "sim sim", "til", "sesame crackers", "tahini sauce", "tahini dressing", "tahini paste", "sesame dressing", "sesame brittle", "goma", "sesame snaps", "sesame sticks", "sesame halva", "sesame crust"], contains: ["sesame"] },
  { words: ["lupin protein", "lupin fibre", "lupin bran", "lupin flake", "sweet lupin", "lupinus", "lupin concentrate"], contains: ["lupin"] },
  { words: ["sulphites", "sulfites", "sulphur dioxide", "sulfur dioxide", "sodium metabisulphite", "sodium metabisulfite", "potassium metabisulphite", "potassium metabisulfite", "sodium sulphite", "sodium sulfite", "sodium bisulphite", "sodium bisulfite", "potassium bisulphite", "calcium sulphite", "sulphiting agents", "sulfiting agents", "metabisulphite", "metabisulfite", "bisulphite", "so2", "sulphured", "sulfured", "e220", "e221", "e222", "e223", "e224", "e225", "e226", "e227", "e228"], contains: ["sulphites"], source: "Regulation (EU) No 1169/2011, Annex II: over 10 mg/kg" },
  { words: ["lemon juice from concentrate", "lemon juice concentrate", "lime juice concentrate", "grape juice concentrate", "dehydrated potato", "dried potato", "potato flakes", "dried onion flakes"], possible: ["sulphites"] },
  { words: ["crustacean", "crustacean shellfish", "prawn powder", "shrimp powder", "crab extract", "crab flavouring", "lobster paste", "shrimp extract", "chitosan", "glucosamine", "krill oil", "shrimp flavor", "prawn extract", "shrimp sauce"], contains: ["crustacean"] },
  { words: ["mollusc", "mollusk", "molluscan shellfish", "oyster extract", "oyster juice", "clam juice", "clam broth", "squid powder", "mussel extract", "cuttlefish ink powder", "scallop extract", "oyster powder", "abalone sauce"], contains: ["mollusc"] },
  { words: ["fish oil", "fish gelatine", "fish gelatin", "isinglass", "fish extract", "fish powder", "fish protein", "anchovy extract", "anchovy powder", "tuna oil", "roe", "fish collagen", "hydrolysed fish protein", "bonito extract", "fish flakes", "fish stick crumbs", "cod liver oil", "surimi base", "fish meal", "kamaboko", "fish ball", "fish sauce powder", "tarama", "marine collagen", "fish mousse", "bagna cauda", "ceviche"], contains: ["fish"] },
  { words: ["turkey bacon", "turkey ham", "turkey pastrami", "chicken ham", "duck ham", "turkey jerky"], contains: ["poultry"] },
  { words: ["beef bacon", "veal bacon", "lamb bacon", "beef jerky strips"], contains: ["meat"] },
  { words: ["happy hens", "free-range hens", "own hens", "hens that roam"], kind: "trap" },
  { words: ["blood", "dried blood", "pig blood", "black blood"], contains: ["meat"] },
  { words: ["gulab jamun", "rasmalai", "barfi", "burfi", "rasgulla"], contains: ["milk"], possible: ["wheat", "almond", "pistachio", "lactose"] },
  { words: ["vegemite-style spread", "kvass"], possible: ["barley", "rye", "wheat"] },
  { words: ["lobster mushroom", "crab mushroom", "shrimp mushroom"], kind: "trap" },
  { words: ["jerky", "meat extract", "beef extract", "beef powder", "veal extract", "lamb fat", "meat stock base", "animal protein", "bovine", "beef broth powder", "meat flavour", "meat flavoring", "bone marrow fat", "beef stock base", "blood plasma", "haemoglobin", "beef flavouring", "meat powder", "meat juice", "meat glaze"], contains: ["meat"] },
  { words: ["animal fat", "edible fat"], contains: ["meat"], source: "an animal fat that is not named" },
  { words: ["animal shortening", "animal fat and vegetable fat", "animal enzymes", "pepsin", "lipase", "pancreatin", "trypsin", "enzyme", "e1104"], possible: ["other-animal"] },
  { words: ["chicken extract", "chicken powder", "chicken flavour", "chicken flavor", "chicken flavouring", "chicken meat", "chicken fat powder", "turkey extract", "duck extract", "mechanically separated chicken", "mechanically recovered chicken", "chicken base", "hydrolysed chicken", "chicken broth powder"], contains: ["poultry"] },
  { words: ["pork gelatine", "pork gelatin", "pork extract", "pork skin", "porcine", "bacon fat", "bacon grease", "pork flavour", "ham extract", "pork collagen", "pork casing", "pork broth", "carnitas", "chashu", "pork stock base"], contains: ["pork"] },
  { words: ["gelatin leaves", "beef gelatin", "bovine gelatine", "bovine gelatin", "edible gelatin", "kosher gelatin", "hydrolysed gelatine", "hydrolyzed gelatin", "gelatin capsule", "e441", "e428"], contains: ["gelatine"] },
  { words: ["mead", "royal jelly", "propolis", "honey powder", "bee pollen", "honey glaze", "honeycomb pieces", "honey syrup"], contains: ["honey"] },
  { words: ["carmine", "cochineal", "cochineal extract", "carminic acid", "crimson lake", "natural red 4", "e120", "shellac", "confectioners glaze", "resinous glaze", "e904", "beeswax", "white beeswax", "yellow beeswax", "bees wax", "e901", "rennet", "animal rennet", "collagen", "collagen casing", "hydrolysed collagen", "bone char", "bone phosphate", "e542", "lanolin", "e913", "castoreum", "ambergris", "musk", "chitin", "tallow oil", "insect", "cricket powder", "cricket flour", "mealworm", "insect protein", "calf rennet", "keratin", "elastin", "placenta", "bird's nest", "natural sausage casing", "sheep casing"], contains: ["other-animal"] },
  { words: ["microbial rennet", "vegetarian rennet", "vegetable rennet", "non-animal rennet", "microbial coagulant", "fermentation-produced chymosin"] },
  { words: ["mono- and diglycerides", "monoglycerides", "diglycerides", "mono- and diglycerides of fatty acids", "fatty acids", "esters of fatty acids", "polyglycerol esters", "e471", "glycerol", "glycerin", "glycerine", "e422", "vitamin d3", "d3", "vitamin d", "cholecalciferol", "stearic acid", "stearate", "magnesium stearate", "calcium stearate", "l-cysteine", "cysteine", "cystine", "e920", "e921", "oleic acid", "taurine", "inosinate", "disodium inosinate", "guanylate", "disodium guanylate", "datem", "sucrose esters", "sodium stearoyl lactylate", "calcium stearoyl lactylate", "sodium stearoyl-2-lactylate", "polysorbate", "polysorbate 60", "polysorbate 80", "sorbitan monostearate", "omega-3", "dha", "lutein", "vitamin a palmitate", "retinol", "capsule", "casing", "acetylated monoglycerides", "propylene glycol esters", "polyglycerol polyricinoleate", "pgpr", "triacetin", "sodium stearate", "fatty acid esters", "lactic acid esters of mono- and diglycerides", "e470a", "e470b", "e472a", "e472b", "e472c", "e472d", "e472e", "e472f", "e472", "e473", "e474", "e475", "e476", "e477", "e479b", "e481", "e482", "e483", "e430", "e431", "e432", "e433", "e434", "e435", "e436", "e491", "e492", "e493", "e494", "e495", "e570", "e572", "e585", "e626", "e627", "e628", "e629", "e630", "e631", "e632", "e633", "e634", "e635", "e640", "e1518"], possible: ["other-animal"] },
  { words: ["e161g"], possible: ["other-animal"] },
  { words: ["cointreau", "distilled spirit", "spirits", "alcohol", "ethanol", "ethyl alcohol", "cooking spirit", "fortified sweet wine", "wine powder", "wine reduction"], contains: ["alcohol"] },
  { words: ["distilled alcohol", "neutral spirit", "grain spirit"], contains: ["alcohol"] },
  { words: ["vegan"] },
  { words: ["shea butter", "apple butter", "milk thistle", "maize", "coconut-free", "fish-shaped", "duck-shaped", "malt-free", "maltodextrin", "maltose", "maltitol", "maltitol syrup", "isomaltulose", "isomalt", "ox-eye", "goosefoot", "goose grass", "duckweed", "monkey bread fruit", "bee-friendly", "peanut squash", "pumpkin butter", "pear butter", "butterhead", "butterbean", "buttercup", "butterfly pea", "butterfly pea flower", "butterfly", "butterflied", "butterscotch sage", "creamed", "creamy", "cream-coloured", "fish slice", "goat willow", "beefsteak mushroom", "oyster leaf", "oyster plant", "oyster mushroom powder", "egg plant", "egg-free", "egg tomato", "egg-shaped", "egg cup", "egg timer", "wheat-free", "water chestnut flour", "chestnut button mushrooms", "doughnut peach", "donut peach", "nutmeg butter", "nutritional", "nutrition", "coconut-shaped", "walnut-sized", "hazelnut-sized", "almond-shaped", "pea-sized", "cherry-sized", "egg-sized", "nut-brown", "nutty", "sponge bag", "toast rack", "cake tin", "cake pan", "loaf tin", "loaf pan", "bread knife", "bread board", "bread bin", "bread machine", "bread maker", "pie dish", "pie plate", "pastry cutter", "pastry brush", "pastry bag", "piping bag", "muffin tin", "muffin case", "cupcake case", "cupcake liner", "cake liner", "cake case", "cookie cutter", "cookie sheet", "biscuit cutter", "pizza stone", "pizza cutter", "pancake pan", "egg whisk", "fish kettle", "fish knife", "oyster knife", "lobster pot", "butter dish", "butter knife", "butter paper", "cheese board", "cheesecloth", "muslin", "cheese grater", "cream siphon", "milk pan", "salad spinner", "salad bowl", "soup bowl", "soup plate", "pasta machine", "pasta maker", "rice cooker", "meat thermometer", "meat mallet", "bacon press", "noodle bowl", "waffle iron", "waffle maker", "tortilla press", "nutcracker", "nut bag", "nut milk bag", "milk frother", "ice cream maker", "ice cream scoop", "yoghurt pot", "yoghurt maker", "coffee filter", "coffee grinder", "tea towel", "tea cup", "tea strainer", "wine glass", "wine bottle", "beer glass", "honey dipper", "lollipop stick", "popsicle stick", "skewer", "bamboo skewer", "wooden skewer", "cocktail stick", "toothpick", "kitchen string", "butcher's string", "baking paper", "baking parchment", "greaseproof paper", "parchment paper", "parchment", "foil", "aluminium foil", "tin foil", "cling film", "plastic wrap", "kitchen paper", "paper towel", "paper case", "applewood chips", "apple wood", "cherry wood", "hickory chips", "wood chips", "oak chips", "mesquite", "cedar plank", "alder wood", "beech wood", "birch", "oak-smoked", "applewood-smoked", "beechwood smoked", "hickory smoked", "almond wood", "walnut wood", "pecan wood", "pecan wood chips", "honey gold potato", "honeynut squash", "honeynut", "honeysuckle", "honeycrisp", "honeycrisp apple", "milkcap", "milk cap mushroom", "milk chocolate coloured", "rye grass", "soybean-free", "malted-free", "lion's mane", "horse bean", "cowberry", "cow parsley", "goat pepper", "goat horn pepper", "bull's horn pepper", "ox heart tomato", "oxheart tomato", "oxheart cabbage", "sheep sorrel", "bear garlic", "dragon's tongue bean", "hogweed", "pork-free", "ham-free", "turkey berry", "turkey tail mushroom", "turkey rhubarb", "duck egg blue", "duck potato", "fish mint", "fish pepper", "crab grass", "crabgrass", "shrimp plant", "prawn-free", "mussel-coloured", "snail-shaped", "clamshell", "shell-shaped", "oyster-coloured", "kidney-shaped", "liverwort", "tongue fern", "heart-shaped", "hearts", "baby gem hearts", "lettuce hearts", "celery-free", "mustard-coloured", "mustard yellow", "sesame-free", "lupin-coloured", "sulphite-free", "sulfite-free", "sulphur-free", "coconut palm frond", "date palm"], kind: "trap" },
  { words: ["wafer thin", "pie weights", "pie beans", "baking beans", "cracker-crisp", "butter-soft", "fish-free", "honey-coloured", "butter-yellow", "milk-white", "biscuit-coloured", "chocolate-brown", "coffee-coloured", "wine-red", "salmon-pink", "olive-green", "mustard-coloured", "cream-coloured", "chestnut-brown", "walnut-brown", "almond-eyed", "honey-gold"], kind: "trap" },
  { words: ["lady's fingers", "ladies' fingers", "lady's finger"], kind: "trap" },
  { words: ["100% buckwheat noodles"] },
  { words: ["liquorice extract", "licorice extract", "liquorice root extract", "dipotassium phosphate", "tripotassium phosphate", "lactase", "lactase enzyme", "to prevent caking", "to prevent sticking", "processed with alkali", "dutched cocoa", "palm fat", "palm kernel oil", "palm stearin", "palm olein", "palm", "shea", "shea fat", "illipe", "sal fat", "mango kernel fat", "cocoa solids", "cocoa liquor", "chocolate liquor", "cocoa powder fat reduced", "fat reduced cocoa powder", "onion extract", "garlic extract", "spice extract", "herb extract", "paprika extract", "rosemary extract", "extract of rosemary", "green tea extract", "carrot concentrate", "carrot extract", "plant extract", "fruit extract", "vegetable concentrate", "fruit concentrate", "fruit and vegetable concentrates", "colouring food", "concentrated fruit juice", "apple juice concentrate", "apple concentrate", "orange juice concentrate", "pear juice concentrate", "fruit juices from concentrate", "from concentrate", "safflower concentrate", "safflower", "spirulina", "spirulina concentrate", "chlorella", "elderberry concentrate", "blackcurrant concentrate", "radish concentrate", "beetroot concentrate", "beetroot powder", "tomato powder", "tomato extract", "lycopene", "sweet potato concentrate", "red cabbage concentrate", "invert sugar syrup", "invert sugar", "glucose-fructose syrup", "fructose-glucose syrup", "fructose syrup", "isoglucose", "corn syrup solids", "dried glucose syrup", "dextrose monohydrate", "sucrose", "isomalt", "sorbitol", "mannitol", "steviol glycosides", "aspartame", "acesulfame k", "acesulfame potassium", "acesulfame", "cyclamate", "sodium saccharin", "neotame", "allulose", "polydextrose", "trehalose", "oligofructose", "fructooligosaccharides", "inulin", "chicory inulin", "chicory root fibre", "chicory fibre", "chicory fiber", "pea fibre", "pea fiber", "pea starch", "rice protein", "rice syrup solids", "potato protein", "potato fibre", "rice starch", "corn fibre", "corn fiber", "soluble corn fiber", "soluble fibre", "dietary fibre", "citrus fibre", "citrus fiber", "bamboo fibre", "apple fibre", "apple pectin", "psyllium fibre", "carrot fibre", "sugar beet fibre", "sugar cane fibre", "cellulose fibre", "carrageenan", "gellan gum", "gellan", "tara gum", "acacia gum", "gum acacia", "gum arabic", "gum tragacanth", "tragacanth", "karaya gum", "konjac gum", "konjac flour", "carob gum", "carob bean gum", "cellulose", "cellulose gum", "microcrystalline cellulose", "methylcellulose", "methyl cellulose", "hydroxypropyl methylcellulose", "hydroxypropyl methyl cellulose", "carboxymethylcellulose", "carboxymethyl cellulose", "alginate", "sodium alginate", "propylene glycol alginate", "algin", "processed eucheuma seaweed", "seaweed extract", "algae", "algae oil", "algal oil", "red algae", "beta carotene", "carotene", "mixed carotenes", "carotenoids", "paprika oleoresin", "oleoresin", "capsanthin", "norbixin", "bixin", "curcumin", "beetroot red", "betanin", "anthocyanins", "caramel colour", "caramel color", "ammonia caramel", "plain caramel", "caramelised sugar", "caramelised sugar syrup", "burnt sugar", "chlorophyll", "chlorophyllin", "copper chlorophyllin", "vegetable carbon", "titanium dioxide", "iron oxide", "red 40", "yellow 5", "yellow 6", "blue 1", "blue 2", "red 3", "allura red", "tartrazine", "sunset yellow", "brilliant blue", "ponceau 4r", "carmoisine", "quinoline yellow", "niacin", "niacinamide", "thiamin", "thiamine", "thiamine mononitrate", "thiamin mononitrate", "riboflavin", "folic acid", "folate", "reduced iron", "iron", "ferrous sulphate", "ferrous sulfate", "ferric pyrophosphate", "calcium", "calcium carbonate", "tricalcium phosphate", "dicalcium phosphate", "monocalcium phosphate", "vitamin c", "vitamin b", "vitamin b1", "vitamin b2", "vitamin b3", "vitamin b6", "vitamin b12", "vitamin e", "vitamin a", "vitamin k", "vitamin d2", "ergocalciferol", "biotin", "pantothenic acid", "pyridoxine", "pyridoxine hydrochloride", "cyanocobalamin", "tocopherol", "alpha-tocopherol", "ascorbyl palmitate", "magnesium", "magnesium oxide", "zinc", "zinc oxide", "zinc sulphate", "iodine", "potassium iodide", "potassium iodate", "potassium", "sodium", "selenium", "potassium sorbate", "sodium benzoate", "benzoic acid", "sorbic acid", "calcium propionate", "sodium propionate", "propionic acid", "natamycin", "nisin", "sodium nitrite", "sodium nitrate", "potassium nitrate", "potassium nitrite", "saltpetre", "nitrite", "sodium erythorbate", "erythorbic acid", "sodium ascorbate", "calcium ascorbate", "citric acid", "ascorbic acid", "malic acid", "tartaric acid", "fumaric acid", "succinic acid", "adipic acid", "phosphoric acid", "acetic acid", "sodium acetate", "sodium diacetate", "potassium acetate", "sodium citrate", "potassium citrate", "calcium citrate", "trisodium citrate", "citrate", "potassium tartrate", "potassium bitartrate", "sodium hydrogen carbonate", "sodium carbonate", "ammonium carbonate", "potassium carbonate", "potassium bicarbonate", "calcium hydroxide", "sodium hydroxide", "diphosphate", "disodium diphosphate", "sodium acid pyrophosphate", "triphosphate", "polyphosphate", "sodium phosphate", "disodium phosphate", "trisodium phosphate", "potassium phosphate", "phosphate", "calcium phosphate", "sodium aluminum phosphate", "sodium aluminium phosphate", "calcium sulphate", "calcium sulfate", "nigari", "magnesium chloride", "magnesium sulphate", "magnesium sulfate", "calcium chloride", "potassium chloride", "aluminium sulphate", "calcium silicate", "silicon dioxide", "silica", "sodium ferrocyanide", "sodium aluminosilicate", "talc", "activated charcoal", "charcoal", "glutamate", "potassium glutamate", "glutamic acid", "yeast nutrient", "amylase", "xylanase", "transglutaminase", "invertase", "pectinase", "glucose oxidase", "ferment", "bacterial cultures", "live cultures", "live active cultures", "active cultures", "starter cultures", "culture", "probiotic", "bifidobacterium", "acidophilus", "cultured dextrose", "cultured sugar", "cultured cane sugar", "carnauba wax", "carnauba", "candelilla wax", "paraffin", "mineral oil", "microcrystalline wax", "rice bran wax", "nitrogen", "carbon dioxide", "carbonated water", "carbonated", "propellant", "caffeine", "quinine", "taurine-free", "guarana", "ginseng", "ginkgo", "maca", "aloe vera", "quillaia", "quillaia extract", "polyvinylpyrrolidone", "dimethylpolysiloxane", "polydimethylsiloxane", "tbhq", "bht", "bha", "edta", "calcium disodium edta", "sodium hexametaphosphate", "propylene glycol", "e-numbers", "glucono delta-lactone", "gluconolactone", "gdl", "dough conditioner", "flour treatment agent", "flour improver", "bleaching agent", "packaging gas", "sago", "deionised water", "vegetable glycerine", "vegetable glycerin", "vegetable glycerol", "vegetable magnesium stearate", "rapeseed", "rape seed", "sunflower", "canola", "cottonseed", "modified maize starch", "modified corn starch", "modified cornstarch", "modified potato starch", "modified tapioca starch", "modified rice starch", "waxy maize starch", "pregelatinised maize starch", "maize protein", "maize maltodextrin", "corn maltodextrin", "tapioca maltodextrin", "tapioca dextrin", "tapioca syrup", "tapioca solids", "corn dextrin", "degermed maize", "yellow maize", "maize grits", "corn masa", "degermed yellow corn meal", "chickpea protein", "fava protein", "faba bean protein", "fava bean protein", "broad bean protein", "mung bean protein", "lentil protein", "bean protein", "potato granules", "potato powder", "rice bran extract", "rice concentrate", "fruit powder", "raspberry powder", "strawberry powder", "raspberry puree", "strawberry puree", "apple puree", "banana puree", "date puree", "fig paste", "raisin paste", "lemon puree", "citrus extract", "lemon powder", "onion paste", "garlic paste", "garlic puree", "ginger paste", "ginger puree", "ginger garlic paste", "chilli puree", "lemongrass puree", "mushroom extract", "mushroom concentrate", "spinach powder", "parsley flakes", "leek powder", "lovage root", "turmeric extract", "black carrot", "black carrot concentrate", "purple carrot", "grape skin extract", "hibiscus extract", "juniper extract", "hop", "hop extract"] },
  { words: ["e100", "e101", "e102", "e103", "e104", "e105", "e106", "e107", "e108", "e109", "e110", "e111", "e112", "e113", "e114", "e115", "e116", "e117", "e118", "e119", "e121", "e122", "e123", "e124", "e125", "e126", "e127", "e128", "e129", "e130", "e131", "e132", "e133", "e134", "e135", "e136", "e137", "e138", "e139", "e140", "e141", "e142", "e143", "e144", "e145", "e146", "e147", "e148", "e149", "e150", "e151", "e152", "e153", "e154", "e155", "e156", "e157", "e158", "e159", "e160", "e161", "e162", "e163", "e164", "e165", "e166", "e167", "e168", "e169", "e170", "e171", "e172", "e173", "e174", "e175", "e176", "e177", "e178", "e179", "e180", "e181", "e200", "e201", "e202", "e203", "e204", "e205", "e206", "e207", "e208", "e209", "e210", "e211", "e212", "e213", "e214", "e215", "e216", "e217", "e218", "e219", "e230", "e231", "e232", "e233", "e234", "e235", "e236", "e237", "e238", "e239", "e240", "e241", "e242", "e243", "e244", "e245", "e246", "e247", "e248", "e249", "e250", "e251", "e252", "e253", "e254", "e255", "e256", "e257", "e258", "e259", "e260", "e261", "e262", "e263", "e264", "e265", "e266", "e267", "e268", "e269", "e271", "e272", "e273", "e274", "e275", "e276", "e277", "e278", "e279", "e280", "e281", "e282", "e283", "e284", "e285", "e286", "e287", "e288", "e289", "e290", "e291", "e292", "e293", "e294", "e295", "e296", "e297", "e298", "e299", "e300", "e301", "e302", "e303", "e304", "e305", "e306", "e307", "e308", "e309", "e310", "e311", "e312", "e313", "e314", "e315", "e316", "e317", "e318", "e319", "e320", "e321", "e322", "e323", "e324", "e325", "e326", "e327", "e328", "e329", "e330", "e331", "e332", "e333", "e334", "e335", "e336", "e337", "e338", "e339", "e340", "e341", "e342", "e343", "e350", "e351", "e352", "e353", "e354", "e355", "e356", "e357", "e358", "e359", "e360", "e361", "e362", "e363", "e364", "e365", "e366", "e367", "e368", "e369", "e370", "e371", "e372", "e373", "e374", "e375", "e376", "e377", "e378", "e379", "e380", "e381", "e382", "e383", "e384", "e385", "e386", "e387", "e388", "e389", "e390", "e391", "e392", "e393", "e394", "e395", "e396", "e397", "e398", "e399", "e400", "e401", "e402", "e403", "e404", "e405", "e406", "e407", "e408", "e409", "e410", "e411", "e412", "e413", "e414", "e415", "e416", "e417", "e418", "e419", "e425", "e426", "e427", "e440", "e443", "e444", "e445", "e446", "e447", "e448", "e449", "e450", "e451", "e452", "e453", "e454", "e455", "e456", "e457", "e458", "e459", "e460", "e461", "e462", "e463", "e464", "e465", "e466", "e467", "e468", "e469", "e500", "e501", "e502", "e503", "e504", "e505", "e506", "e507", "e508", "e509", "e510", "e511", "e512", "e513", "e514", "e515", "e516", "e517", "e518", "e519", "e520", "e521", "e522", "e523", "e524", "e525", "e526", "e527", "e528", "e529", "e530", "e531", "e532", "e533", "e534", "e535", "e536", "e537", "e538", "e539", "e540", "e541", "e542", "e543", "e544", "e545", "e546", "e547", "e548", "e549", "e550", "e551", "e552", "e553", "e554", "e555", "e556", "e557", "e558", "e559", "e560", "e561", "e574", "e575", "e576", "e577", "e578", "e579", "e620", "e621", "e622", "e623", "e624", "e625", "e637", "e650", "e900", "e902", "e903", "e905", "e907", "e914", "e927", "e928", "e938", "e939", "e940", "e941", "e942", "e943", "e944", "e948", "e949", "e950", "e951", "e952", "e953", "e954", "e955", "e956", "e957", "e959", "e960", "e961", "e962", "e964", "e965", "e967", "e968", "e969", "e999", "e1100", "e1101", "e1102", "e1103", "e1200", "e1201", "e1202", "e1204", "e1205", "e1400", "e1401", "e1402", "e1403", "e1404", "e1405", "e1406", "e1407", "e1408", "e1409", "e1410", "e1411", "e1412", "e1413", "e1414", "e1415", "e1416", "e1417", "e1418", "e1419", "e1420", "e1421", "e1422", "e1423", "e1424", "e1425", "e1426", "e1427", "e1428", "e1429", "e1430", "e1431", "e1432", "e1433", "e1434", "e1435", "e1436", "e1437", "e1438", "e1439", "e1440", "e1441", "e1442", "e1443", "e1444", "e1445", "e1446", "e1447", "e1448", "e1449", "e1450", "e1451", "e1452", "e1505", "e1519", "e1520", "e1521", "e160a", "e160b", "e160c", "e160d", "e160e", "e160f", "e150a", "e150b", "e150c", "e150d", "e161b", "e407a"], source: "EU list of food additives: plant, mineral or made" },
  { words: ["ammonium phosphatides", "e442"] },
  { words: ["emulsifier", "stabiliser", "stabilizer", "thickener", "thickening agent", "acidity regulator", "acid", "acidulant", "preservative", "antioxidant", "colour", "color", "colouring", "coloring", "colour added", "color added", "artificial color", "natural color", "natural colour", "raising agent", "leavening", "leavening agent", "firming agent", "gelling agent", "anti-caking agent", "anticaking agent", "anti-foaming agent", "humectant", "flavour enhancer", "flavor enhancer", "glazing agent", "bulking agent", "sequestrant", "carrier", "foaming agent", "improver", "emulsifying salts", "vitamin", "mineral", "mineral salts", "fibre", "fiber", "protein", "enriched", "fortified", "vegetable", "concentrate", "powder", "extract", "puree", "paste", "fats", "syrup", "essence", "crumb coating", "filling", "coating", "topping sauce", "base", "blend", "fruit filling", "fruit preparation", "vegetable blend", "natural", "artificial", "sweetened", "cooked", "dried", "dehydrated", "powdered", "concentrated", "reconstituted", "rehydrated", "hydrogenated", "partially hydrogenated", "non-hydrogenated", "fractionated", "deodorised", "interesterified", "refined", "unrefined", "organic", "certified", "product", "ingredient", "contain", "containing", "varying proportions", "proportion", "equivalent", "minimum", "maximum", "total", "less", "permitted", "source", "sourced", "derived", "origin", "produce", "country", "rainforest", "fairtrade", "fair trade", "free range", "sustainable", "responsibly", "based", "allergen", "bold", "capitals", "see", "highlighted", "denotes", "indicates", "packaged", "protective", "atmosphere"] }
];

// packages/core/src/reference/words.ts
var WordRow = strictObject({
  /** Words and phrases as a recipe or label has them. */
  words: array(string()),
  contains: optional(array(HazardId), []),
  possible: optional(array(HazardId), []),
  /** Groups that are only possible although a member is contained: gluten in malt vinegar. */
  lifts: optional(array(HazardId), []),
  /** `trap`: it looks like a hazard and is none, or names a plain thing that must not be taken for another. */
  kind: optional(literal("trap")),
  source: optional(string(), "usual composition")
});
var ClaimRow = strictObject({ words: array(string()), removes: array(HazardId), weakens: array(HazardId), because: string() });
var wordEntries = parse(array(WordRow), words_default);
var claimEntries = parse(array(ClaimRow), claims_default);
var plainWords = parse(array(string()), plain_words_default);

// data/reference/piece-weights.json
var piece_weights_default = {
  source: "edible mass of one piece by household measure, weighed by hand or usual on sale; sizes are factors on a medium piece",
  sizes: { small: 0.7, baby: 0.5, medium: 1, large: 1.4, big: 1.4, "extra-large": 1.7, jumbo: 1.7, fat: 1.3, plump: 1.2, thick: 1.2, thin: 0.8 },
  eggSizes: { small: 0.82, medium: 0.9, large: 1, "extra-large": 1.14, jumbo: 1.2 },
  pieces: [
    { piece: "clove", of: { garlic: 4 } },
    { piece: "head", of: { garlic: 45, lettuce: 300, broccoli: 350, cauliflower: 700, celery: 450, fennel: 250, cabbage: 800, radicchio: 250, chicory: 120 } },
    { piece: "bulb", of: { garlic: 45, fennel: 250 } },
    { piece: "stick", of: { celery: 40, "cinnamon-stick": 3, lemongrass: 20, rhubarb: 60, butter: 113.4 } },
    { piece: "stalk", of: { celery: 40, lemongrass: 20, rhubarb: 60, leek: 200 } },
    { piece: "rib", of: { celery: 40 } },
    { piece: "slice", of: { bread: 40, "rye-bread": 40, bacon: 25, ham: 20, cheddar: 20, "aged-hard-cheese": 15, lemon: 8, orange: 12 } },
    { piece: "rasher", of: { bacon: 25 } },
    { piece: "loaf", of: { bread: 600, "rye-bread": 600 } },
    { piece: "leaf", of: { "bay-leaf": 0.2, basil: 0.3, sage: 0.3, mint: 0.3, gelatine: 2, "lime-leaf": 0.3, lettuce: 15, cabbage: 25, "savoy-cabbage": 25 } },
    { piece: "pod", of: { cardamom: 0.2, "vanilla-pod": 3 } },
    { piece: "sheet", of: { "filo-pastry": 20, gelatine: 2 } },
    { piece: "cube", of: { "vegetable-stock-cube": 10, "chicken-stock-cube": 10, "beef-stock-cube": 10, "fish-stock-cube": 10, "ham-stock-cube": 10 } },
    { piece: "fillet", of: { salmon: 150, cod: 160, haddock: 160, trout: 130, anchovy: 4, chicken: 170 } },
    { piece: "breast", of: { chicken: 180, duck: 200, "duck-breast": 200, turkey: 700 } },
    { piece: "thigh", of: { chicken: 130, turkey: 400 } },
    { piece: "drumstick", of: { chicken: 90 } },
    { piece: "leg", of: { chicken: 250, duck: 300, "duck-leg": 300 } },
    { piece: "spear", of: { asparagus: 20 } },
    { piece: "floret", of: { broccoli: 12, cauliflower: 15 } },
    { piece: "cob", of: { sweetcorn: 180 } },
    { piece: "ear", of: { sweetcorn: 180 } },
    { piece: "ball", of: { mozzarella: 125 } },
    { piece: "sprig", usually: 1.5 },
    { piece: "bunch", usually: 30, of: { "spring-onion": 100, asparagus: 250, beetroot: 400, carrot: 400, radish: 200, watercress: 85 } },
    { piece: "strand", of: { saffron: 0.01 } },
    { piece: "tin", usually: 400 },
    { piece: "can", usually: 400 },
    { piece: "sachet", of: { "dried-yeast": 7, "baking-powder": 5 } }
  ]
};

// packages/core/src/reference/pieces.ts
var grams = pipe(number(), minValue(1e-3));
var File2 = strictObject({
  source: string(),
  sizes: record(string(), number()),
  eggSizes: record(string(), number()),
  pieces: array(strictObject({
    piece: string(),
    /** g of a piece of anything. */
    usually: optional(grams),
    /** g by food. */
    of: optional(record(string(), grams), {})
  }))
});
var { sizes, eggSizes, pieces } = parse(File2, piece_weights_default);
var byPiece = new Map(pieces.map((each) => [each.piece, each]));
var piecedFoods = pieces.flatMap((each) => Object.keys(each.of));
var single = (word) => ({ leaves: "leaf", loaves: "loaf", bunches: "bunch", halves: "half", boxes: "box" })[word] ?? word.replace(/s$/, "");
function pieceWeightG(food, piece) {
  let factor = 1;
  let noun = "";
  for (const word of piece.toLowerCase().split(/\s+/).filter((each) => each !== "")) {
    const size = (food.id === "egg" ? eggSizes : sizes)[word];
    if (size !== void 0) factor *= size;
    else if (!["whole", "ripe", "good", "of"].includes(word)) noun = single(word);
  }
  const usual2 = noun === "" || noun === single(food.name) ? food.pieceG : byPiece.get(noun)?.of[food.id] ?? byPiece.get(noun)?.usually;
  const own = usual2 ?? (food.pieceG !== void 0 && food.name.split(" ").some((word) => single(word) === noun) ? food.pieceG : void 0);
  return own === void 0 ? void 0 : own * factor;
}

// data/reference/scaling-rules.json
var scaling_rules_default = [
  { id: "chilli", foods: ["chilli", "chilli-flakes", "dried-chillies", "chilli-powder", "chilli-oil", "hot-sauce", "harissa", "gochujang", "horseradish", "mustard-powder", "ground-ginger"], from: 1.5, exponent: 0.8, why: "heat builds up in a bigger pot: start with less, taste, and add", source: "kitchen practice" },
  { id: "strong-spice", foods: ["clove", "nutmeg", "mace", "allspice", "star-anise", "cinnamon", "cinnamon-stick", "cardamom", "ground-cardamom", "bay-leaf", "saffron", "juniper-berries", "rosemary", "sage", "dried-oregano", "dried-thyme", "asafoetida", "fenugreek", "lavender", "almond-extract", "peppermint-extract", "orange-blossom-water", "liquorice-root"], from: 1.5, exponent: 0.85, why: "strong seasoning grows slower than the pot: start with this and taste", source: "kitchen practice" },
  { id: "salt", foods: ["salt", "celery-salt", "garlic-salt", "soy-sauce", "tamari", "fish-sauce", "msg"], from: 3, exponent: 0.93, why: "less is lost on the way in a big batch: hold some back and taste", source: "kitchen practice" },
  { id: "leavening", foods: ["baking-powder", "gluten-free-baking-powder", "bicarbonate-of-soda", "dried-yeast", "fresh-yeast"], from: 2, exponent: 0.92, why: "a large dough keeps its gas and its warmth better, so it needs a little less", source: "kitchen practice" },
  { id: "frying-oil", roles: ["fat-liquid"], words: "\\b(?:for (?:deep[- ]|shallow[- ])?frying|to fry)\\b", from: 1, exponent: 0.5, why: "the pan's floor decides how much oil is needed, not the amount of food", source: "kitchen practice" },
  { id: "boiling-water", foods: ["water"], words: "\\b(?:boiling|to boil|for the pasta|for boiling|cooking)\\b", from: 1, exponent: 0.75, why: "enough to cover is enough: water does not grow with the food", source: "kitchen practice" },
  { id: "coating", roles: ["coating-crumb", "coating-glue"], words: "\\b(?:coat|dip|dredge|crumb)", from: 1, exponent: 0.9, why: "what stays in the dish is lost either way, so a small batch needs more for its size and a big one less", source: "kitchen practice" },
  { id: "evaporation", foods: ["stock", "vegetable-stock", "chicken-stock", "beef-stock", "gf-stock-powder", "red-wine", "passata", "tinned-tomatoes"], words: "\\b(?:simmer|stew|braise|reduce)", from: 2, exponent: 0.93, why: "a fuller pot steams off less for its size: keep some back and loosen at the end", source: "kitchen practice" }
];

// packages/core/src/reference/scalingRules.ts
var Row = strictObject({
  id: string(),
  foods: optional(array(FoodId), []),
  roles: optional(array(Role), []),
  /** Only where these words stand on the line or in the steps that use it. */
  words: optional(string()),
  /** Up to this many times the recipe, and down to its inverse, it grows in a straight line. */
  from: pipe(number(), minValue(1)),
  /** Beyond that it grows with this power. */
  exponent: pipe(number(), minValue(0.1), maxValue(1)),
  why: string(),
  source: string()
});
var scalingRules = parse(array(Row), scaling_rules_default);

// packages/core/src/model/ids.ts
var idText = pipe(string(), regex(/^[a-z0-9][a-z0-9-]{0,63}$/, "An id is 1 to 64 lower-case letters, digits and hyphens."));
var OccasionId = pipe(idText, brand("OccasionId"));
var GuestId = pipe(idText, brand("GuestId"));
var PersonId = pipe(idText, brand("PersonId"));
var NeedId = pipe(idText, brand("NeedId"));
var CourseId = pipe(idText, brand("CourseId"));
var DishId = pipe(idText, brand("DishId"));
var VersionId = pipe(idText, brand("VersionId"));
var RecipeId = pipe(idText, brand("RecipeId"));
var LineId = pipe(idText, brand("LineId"));
var StepId = pipe(idText, brand("StepId"));
var UnitId = pipe(idText, brand("UnitId"));
var CookId = pipe(idText, brand("CookId"));
var Name = pipe(string(), trim(), minLength(1, "A name is needed."), maxLength(120, "At most 120 characters."));
var Words = pipe(string(), maxLength(2e3, "At most 2000 characters."));
var Day = pipe(string(), isoDate("A day is written YYYY-MM-DD."));
var ClockTime = pipe(string(), regex(/^([01]\d|2[0-3]):[0-5]\d$/, "A time is written HH:MM, 00:00 to 23:59."));
var Minutes = pipe(number("Minutes are a number."), integer("Minutes are whole."), minValue(0, "Minutes cannot be negative."), maxValue(4320, "At most three days (4320 minutes)."));
var TemperatureC = pipe(number(), minValue(-30, "Below \u221230 \xB0C is no kitchen temperature."), maxValue(320, "Above 320 \xB0C is no domestic oven."));

// packages/core/src/model/recipe.ts
var positive = (most) => pipe(number("An amount is a number."), finite("An amount is finite."), minValue(0, "An amount cannot be negative."), maxValue(most, `At most ${most}.`));
var Amount = variant("kind", [
  strictObject({ kind: literal("mass"), massG: positive(2e5), toMassG: optional(positive(2e5)) }),
  strictObject({ kind: literal("volume"), volumeMl: positive(2e5), toVolumeMl: optional(positive(2e5)) }),
  strictObject({ kind: literal("count"), count: positive(1e4), toCount: optional(positive(1e4)), piece: optional(pipe(string(), maxLength(40)), ""), eachG: optional(positive(2e4)) }),
  strictObject({ kind: literal("batches"), batches: positive(1e3) }),
  strictObject({ kind: literal("words"), words: pipe(string(), maxLength(80)) })
]);
var IngredientLine = strictObject({
  id: LineId,
  /** The line as the cook wrote it. */
  text: pipe(string(), minLength(1), maxLength(300)),
  /** The catalogue food it is read as; absent means not understood, and so *check*. */
  food: optional(FoodId),
  /** The recipe it is made by, where it is made and not bought; the amount then says how much of that recipe. */
  component: optional(RecipeId),
  amount: Amount,
  /** The part of the recipe it belongs to: "For the dressing". */
  heading: optional(pipe(string(), maxLength(80))),
  role: optional(Role),
  /** Where it stands on the plate: in the dish, on it, or beside it. Garnish and accompaniment can be left off a plate. */
  part: optional(picklist(["body", "garnish", "accompaniment"], "A line is body, garnish or accompaniment."), "body"),
  /** The dish stands without it. */
  canOmit: optional(boolean(), false)
});
var KitKind = picklist(
  ["board", "knife", "bowl", "saucepan", "large-pot", "frying-pan", "skillet", "roasting-tin", "baking-tray", "gratin-dish", "cake-tin", "blender", "food-processor", "mixer", "slow-cooker", "microwave", "grater", "whisk", "spoon", "bench", "sieve", "toaster", "serving-dish", "box", "probe"],
  "This kind of kit is not known."
);
var KitUse = strictObject({ kind: KitKind, as: optional(pipe(string(), regex(/^[a-z0-9-]{1,40}$/))) });
var OvenUse = strictObject({
  temperatureC: TemperatureC,
  /** How far the oven may be off, either way, without harm. */
  toleranceC: optional(pipe(number(), minValue(0), maxValue(40)), 10),
  racks: optional(picklist([1, 2]), 1),
  covered: optional(boolean(), false),
  grill: optional(boolean(), false)
});
var DurationMin = strictObject({ least: Minutes, likely: Minutes, most: Minutes });
var StepAlternative = strictObject({
  id: StepId,
  name: pipe(string(), minLength(1), maxLength(80)),
  text: Words,
  durationMin: DurationMin,
  hands: picklist(["on", "off"]),
  kit: optional(array(KitUse), []),
  burner: optional(boolean(), false)
});
var Step = strictObject({
  id: StepId,
  title: pipe(string(), minLength(1), maxLength(80)),
  text: Words,
  /** The lines first used in this step. */
  uses: optional(array(LineId), []),
  /** The steps it follows; absent means the one before it in the list. `mostMin`: the longest wait after it. */
  after: optional(array(strictObject({ step: StepId, leastMin: optional(Minutes, 0), mostMin: optional(Minutes) }))),
  /** How long, in minutes, at the recipe's yield: least, likely, most. */
  durationMin: DurationMin,
  /** `on`: a cook is busy all through. `off`: it goes by itself. */
  hands: picklist(["on", "off"]),
  /** Moments inside a hands-off step when a cook must come: minutes after its start. */
  attention: optional(array(strictObject({ atMin: Minutes, takesMin: Minutes, what: pipe(string(), maxLength(80)) })), []),
  /** Hands-on work that grows with the amount. */
  grows: optional(boolean(), false),
  kit: optional(array(KitUse), []),
  oven: optional(OvenUse),
  burner: optional(boolean(), false),
  /** Loose flour in the air. */
  looseFlour: optional(boolean(), false),
  /** The core temperature this step reaches; it removes the raw-food risks that end at or under it. */
  coreC: optional(TemperatureC),
  /** The sign of doneness. */
  until: optional(pipe(string(), maxLength(200)), ""),
  /** After this step a portion can be taken out and finished in another version. */
  splitPoint: optional(boolean(), false),
  /** Other ways to do it, of which one can be chosen dish by dish. */
  alternatives: optional(pipe(array(StepAlternative), maxLength(6)), []),
  /** What it leaves that another dish uses: the cooking liquid that becomes a sauce. */
  leaves: optional(pipe(array(pipe(string(), minLength(1), maxLength(80))), maxLength(6)), [])
});
var Original = strictObject({
  format: picklist(["text", "json-ld", "lupin"]),
  text: pipe(string(), maxLength(2e5, "At most 200000 characters."))
});
var Pan = variant("shape", [
  strictObject({ shape: literal("round"), diameterCm: pipe(number(), minValue(4), maxValue(60)), depthCm: optional(pipe(number(), minValue(1), maxValue(40)), 5) }),
  strictObject({ shape: literal("rectangle"), lengthCm: pipe(number(), minValue(4), maxValue(80)), widthCm: pipe(number(), minValue(4), maxValue(80)), depthCm: optional(pipe(number(), minValue(1), maxValue(40)), 5) }),
  strictObject({ shape: literal("pot"), volumeL: pipe(number(), minValue(0.2), maxValue(50)) })
]);
var Recipe = strictObject({
  id: RecipeId,
  name: Name,
  about: optional(Words, ""),
  usualCourse: optional(pipe(string(), maxLength(40)), ""),
  portions: pipe(number("Portions are a number."), finite("Portions are finite."), minValue(0.25, "A recipe feeds at least a quarter of a person."), maxValue(500, "At most 500 portions.")),
  /** What it makes besides portions: 12 rolls, 600 g of pastry, 1 l of stock. Other recipes use it by this. */
  makes: optional(Amount),
  /** The vessel the amounts fill, and whether food lies in it in one layer with gaps. */
  pan: optional(strictObject({ vessel: Pan, count: optional(pipe(number(), integer(), minValue(1), maxValue(20)), 1), singleLayer: optional(boolean(), false) })),
  lines: pipe(array(IngredientLine), minLength(1, "A recipe needs an ingredient."), maxLength(300, "At most 300 lines.")),
  steps: pipe(array(Step), minLength(1, "A recipe needs a step."), maxLength(100, "At most 100 steps.")),
  /** How long before serving the finished dish may stand, in minutes, and how. */
  hold: strictObject({ mostMin: Minutes, how: pipe(string(), maxLength(120)) }),
  /** How long it keeps when made ahead, and where. */
  keeps: optional(pipe(array(strictObject({ where: Storage, days: pipe(number(), integer(), minValue(1), maxValue(365)) })), maxLength(3)), []),
  /** What it is usually served with, in words. */
  servedWith: optional(pipe(array(pipe(string(), minLength(1), maxLength(80))), maxLength(10)), []),
  original: optional(Original)
});

// packages/core/src/model/food.ts
var OwnFood = strictObject({
  id: FoodId,
  name: Name,
  kind: FoodKind,
  contains: pipe(array(HazardId), maxLength(40)),
  /** What it may hold until the label is read. */
  possible: pipe(array(HazardId), maxLength(40)),
  families: optional(array(FamilyId), []),
  storage: optional(Storage, "cupboard"),
  /** Why it is so: where the user knows it from. */
  note: optional(Words, ""),
  changedOn: Day
});
function asFood(own, before2) {
  const because = own.note.trim() === "" ? `you noted it on ${own.changedOn}` : `you noted on ${own.changedOn}: ${own.note.trim()}`;
  return {
    aka: before2?.aka ?? [],
    pluralAka: [],
    holds: before2?.holds ?? [],
    aisle: before2?.aisle ?? "your own",
    keepsDays: before2?.keepsDays ?? 30,
    plural: before2?.plural,
    us: before2?.us,
    densityGPerMl: before2?.densityGPerMl,
    pieceG: before2?.pieceG,
    id: own.id,
    name: own.name,
    kind: own.kind,
    contains: [.../* @__PURE__ */ new Set([...before2?.contains ?? [], ...own.contains])],
    families: [.../* @__PURE__ */ new Set([...before2?.families ?? [], ...own.families])],
    storage: own.storage,
    possible: own.possible.map((hazard) => ({ hazard, why: because, trace: false, lifts: false })),
    source: `your own word, ${own.changedOn}`
  };
}

// packages/core/src/model/kitchen.ts
var KitUnit = strictObject({
  id: UnitId,
  kind: KitKind,
  name: Name,
  material: Material,
  /** Minutes to wash it, hot water and detergent. */
  washMin: pipe(number(), integer(), minValue(0), maxValue(60)),
  /** Kept free from these: nothing that holds one of them is ever put on it. */
  keptFreeOf: optional(array(HazardId), []),
  /** Its inner measures, for what is baked or boiled in it. */
  vessel: optional(Pan)
});
var Moment = pipe(number(), integer(), minValue(-5760), maxValue(6480));
var Chore = picklist(["knives", "heat", "raw", "washing-up"], "A chore is knives, heat, raw or washing-up.");
var Oven = strictObject({
  name: optional(Name, "Oven"),
  /** Usable rack positions; 0: there is no oven. */
  racks: pipe(number(), integer("Racks are whole."), minValue(0), maxValue(6, "At most 6 racks.")),
  mostC: pipe(number(), minValue(60), maxValue(500)),
  leastC: optional(pipe(number(), minValue(30), maxValue(200)), 50),
  /** Heat from above, for a finish. */
  grill: optional(boolean(), true),
  /** Measured on the empty oven, in °C a minute; absent: those of an ordinary one. */
  heatsCPerMin: optional(pipe(number(), minValue(1), maxValue(100))),
  coolsCPerMin: optional(pipe(number(), minValue(0.2), maxValue(50))),
  /** By how much it is hotter inside than its dial says, in °C; negative where it is cooler. */
  offsetC: optional(pipe(number(), minValue(-60), maxValue(60)), 0)
});
var Cook = strictObject({
  id: CookId,
  name: Name,
  /** What this cook does not do. */
  leaves: optional(array(Chore), []),
  /** When this cook is in the kitchen. */
  windows: pipe(array(strictObject({ fromMin: Moment, toMin: Moment })), minLength(1, "A cook needs a time in the kitchen."), maxLength(20))
});
var Kitchen = strictObject({
  name: Name,
  kit: pipe(array(KitUnit), maxLength(200)),
  burners: pipe(number(), integer(), minValue(0), maxValue(12)),
  oven: Oven,
  /** A second oven, a toaster oven: each with its own temperature. */
  moreOvens: optional(pipe(array(Oven), maxLength(4, "At most five ovens.")), []),
  cooks: pipe(array(Cook), minLength(1, "Somebody must cook."), maxLength(6))
});
var ovensOf = (kitchen) => [kitchen.oven, ...kitchen.moreOvens];
function rackName(rack, racks) {
  if (racks <= 1) return "the rack";
  if (racks === 2) return rack === 0 ? "the upper rack" : "the lower rack";
  return rack === 0 ? "the top rack" : rack === racks - 1 ? "the bottom rack" : `rack ${rack + 1} from the top`;
}

// packages/core/src/model/components.ts
function madeWith(recipe, find) {
  const parts = [];
  const path = [];
  let loop;
  const visit = (each) => {
    if (path.includes(each.id)) {
      loop ??= [...path.slice(path.indexOf(each.id)), each.id];
      return;
    }
    if (parts.includes(each)) return;
    parts.push(each);
    path.push(each.id);
    for (const line of each.lines) {
      const part = line.component && find(line.component);
      if (part) visit(part);
    }
    path.pop();
  };
  visit(recipe);
  return { parts, loop };
}
function batchesOfComponent(line, component) {
  const { amount } = line;
  const { makes } = component;
  switch (amount.kind) {
    case "batches":
      return amount.batches;
    case "mass":
      return makes?.kind === "mass" && makes.massG > 0 ? amount.massG / makes.massG : void 0;
    case "volume":
      return makes?.kind === "volume" && makes.volumeMl > 0 ? amount.volumeMl / makes.volumeMl : void 0;
    case "count":
      if (/^portions?$/.test(amount.piece)) return amount.count / component.portions;
      return makes?.kind === "count" && makes.count > 0 ? amount.count / makes.count : void 0;
    case "words":
      return void 0;
    default:
      return amount;
  }
}

// packages/core/src/model/basis.ts
function basisOf(occasion) {
  if (!Object.isFrozen(occasion)) return digest(occasion);
  const known2 = digests.get(occasion) ?? digest(occasion);
  digests.set(occasion, known2);
  return known2;
}
var digests = /* @__PURE__ */ new WeakMap();
function digest(occasion) {
  const { name: _name, note: _note, shopping: _shopping, ...rest } = occasion;
  const text = JSON.stringify(rest, (key2, value) => key2 === "original" ? void 0 : sortedKeys(value));
  let one = 2166136261;
  let two = 19088743;
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    one = Math.imul(one ^ unit, 16777619);
    two = Math.imul(two ^ unit, 16777619) ^ two >>> 15;
  }
  return [one, two].map((half) => (half >>> 0).toString(16).padStart(8, "0")).join("");
}
function sortedKeys(value) {
  if (value === null || typeof value !== "object" || Array.isArray(value)) return value;
  return Object.fromEntries(Object.entries(value).sort(([a], [b]) => a < b ? -1 : 1));
}

// packages/core/src/model/words.ts
function listed(words) {
  return words.length <= 1 ? words.join("") : `${words.slice(0, -1).join(", ")} and ${words[words.length - 1]}`;
}

// packages/core/src/model/clock.ts
function minutesOfClock(clock2) {
  const [hours, minutes] = clock2.split(":").map(Number);
  return hours * 60 + minutes;
}
var minuteOfDay = (serveAt, momentMin) => minutesOfClock(serveAt) + momentMin;
function clockTime(serveAt, momentMin) {
  const within2 = (minuteOfDay(serveAt, momentMin) % 1440 + 1440) % 1440;
  return `${String(Math.floor(within2 / 60)).padStart(2, "0")}:${String(within2 % 60).padStart(2, "0")}`;
}
function dayOf(serveAt, momentMin) {
  return Math.floor(minuteOfDay(serveAt, momentMin) / 1440);
}
function dayWords(serveAt, momentMin) {
  const day = dayOf(serveAt, momentMin);
  if (day === 0) return "";
  if (day === -1) return "the day before";
  return day < 0 ? `${-day} days before` : "the day after";
}

// packages/core/src/versions/applySwaps.ts
function massOf(amount, food) {
  switch (amount.kind) {
    case "mass":
      return amount.massG;
    case "volume":
      return food?.densityGPerMl === void 0 ? void 0 : amount.volumeMl * food.densityGPerMl;
    case "count": {
      const eachG = amount.eachG ?? (food && pieceWeightG(food, amount.piece));
      return eachG === void 0 ? void 0 : amount.count * eachG;
    }
    case "batches":
    case "words":
      return void 0;
    default:
      return amount;
  }
}
function changeOf(line, swap) {
  if (swap.kind === "own") return swap;
  const substitution = substitutionOf(swap.substitution);
  return substitution && line.food && substitution.replaces.includes(line.food) ? substitution : void 0;
}
function replacementLines(line, substitution) {
  const mass = massOf(line.amount, line.food ? foodOf(line.food) : void 0);
  return substitution.with.map((part, index) => {
    const food = foodOf(part.food);
    const amount = mass !== void 0 ? { kind: "mass", massG: Math.round(mass * part.ratio * 10) / 10 } : line.amount.kind === "volume" ? { kind: "volume", volumeMl: line.amount.volumeMl * part.ratio } : { kind: "words", words: "as much as of what it replaces" };
    return {
      id: parse(LineId, `${line.id.slice(0, 50)}-in-${index + 1}`),
      text: `${food?.name ?? part.food}, instead of ${line.text}`.slice(0, 300),
      food: part.food,
      amount,
      role: line.role,
      part: line.part,
      canOmit: line.canOmit
    };
  });
}
function applySwaps(recipe, swaps) {
  if (swaps.length === 0) return recipe;
  let bySwaps = remembered.get(recipe);
  if (!bySwaps) remembered.set(recipe, bySwaps = /* @__PURE__ */ new WeakMap());
  let changed = bySwaps.get(swaps);
  if (!changed) bySwaps.set(swaps, changed = change(recipe, swaps));
  return changed;
}
var remembered = /* @__PURE__ */ new WeakMap();
function change(recipe, swaps) {
  const renamed = /* @__PURE__ */ new Map();
  const notes = /* @__PURE__ */ new Map();
  for (const swap of swaps) {
    const line = recipe.lines.find((each) => each.id === swap.line);
    if (!line) continue;
    if (swap.kind === "omit") {
      renamed.set(line.id, []);
      notes.set(line.id, { technique: `Leave out: ${line.text}.`, addMin: 0, kit: [] });
      continue;
    }
    const substitution = changeOf(line, swap);
    if (!substitution) continue;
    renamed.set(line.id, replacementLines(line, substitution));
    notes.set(line.id, { technique: substitution.technique, addMin: substitution.addMin, kit: substitution.kit ?? [] });
  }
  const lines = recipe.lines.flatMap((line) => renamed.get(line.id) ?? [line]);
  const steps = recipe.steps.map((step) => {
    const changes = step.uses.flatMap((use) => notes.get(use) ?? []);
    if (changes.length === 0) return step;
    const addMin = changes.reduce((sum, change2) => sum + change2.addMin, 0);
    const { least, likely, most } = step.durationMin;
    return {
      ...step,
      uses: step.uses.flatMap((use) => (renamed.get(use) ?? [{ id: use }]).map((line) => line.id)),
      text: [step.text, ...new Set(changes.map((change2) => change2.technique).filter((words) => words !== ""))].join(" ").slice(0, 2e3),
      kit: [...step.kit, ...[...new Set(changes.flatMap((change2) => change2.kit))].filter((kind) => !step.kit.some((use) => use.kind === kind)).map((kind) => ({ kind: parse(KitKind, kind) }))],
      durationMin: { least: Math.max(0, least + addMin), likely: Math.max(1, likely + addMin), most: Math.max(1, most + addMin) }
    };
  });
  return { ...recipe, lines, steps };
}

// packages/core/src/versions/steps.ts
function followsOf(recipe, index) {
  const step = recipe.steps[index];
  if (step.after) return step.after;
  const before2 = recipe.steps[index - 1];
  return before2 ? [{ step: before2.id, leastMin: 0 }] : [];
}
function ancestry(recipe) {
  const all = /* @__PURE__ */ new Map();
  recipe.steps.forEach((step, index) => {
    const own = /* @__PURE__ */ new Set([step.id]);
    for (const link of followsOf(recipe, index)) for (const id of all.get(link.step) ?? []) own.add(id);
    all.set(step.id, own);
  });
  return all;
}

// packages/core/src/versions/flatten.ts
var remembered2 = /* @__PURE__ */ new WeakMap();
function flatten(recipe, find) {
  if (!recipe.lines.some((line) => line.component)) return recipe;
  const { parts, loop } = madeWith(recipe, find);
  if (loop) return recipe;
  const known2 = remembered2.get(recipe);
  if (known2 && known2.parts.length === parts.length && known2.parts.every((part, i) => part === parts[i])) return known2.flat;
  const flat = writeOut(recipe, find);
  remembered2.set(recipe, { parts, flat });
  return flat;
}
function scaleAmount(amount, factor) {
  switch (amount.kind) {
    case "mass":
      return { ...amount, massG: amount.massG * factor, ...amount.toMassG !== void 0 && { toMassG: amount.toMassG * factor } };
    case "volume":
      return { ...amount, volumeMl: amount.volumeMl * factor, ...amount.toVolumeMl !== void 0 && { toVolumeMl: amount.toVolumeMl * factor } };
    case "count":
      return { ...amount, count: amount.count * factor, ...amount.toCount !== void 0 && { toCount: amount.toCount * factor } };
    case "batches":
      return { ...amount, batches: amount.batches * factor };
    case "words":
      return amount;
    default:
      return amount;
  }
}
function joinedId(first, second, most = 64) {
  const whole2 = `${first}--${second}`;
  if (whole2.length <= most) return whole2;
  let hash = 2166136261;
  for (let i = 0; i < whole2.length; i++) hash = Math.imul(hash ^ whole2.charCodeAt(i), 16777619);
  return `${whole2.slice(0, most - 9)}-${(hash >>> 0).toString(36)}`;
}
var partKeepsMin = ({ hold, keeps }) => Math.max(hold.mostMin, ...keeps.map((each) => Math.min(4320, each.days * 1440)));
function writeOut(recipe, find) {
  const lines = [];
  const before2 = [];
  const ends = /* @__PURE__ */ new Map();
  for (const line of recipe.lines) {
    const raw = line.component && find(line.component);
    if (!raw) {
      lines.push(line);
      continue;
    }
    const part = flatten(raw, find);
    const factor = batchesOfComponent(line, raw) ?? 1;
    const lineId = (id) => parse(LineId, joinedId(line.id, id));
    const stepId = (id) => parse(StepId, joinedId(line.id, id));
    lines.push(...part.lines.map((each) => ({ ...each, id: lineId(each.id), amount: scaleAmount(each.amount, factor), heading: each.heading ?? raw.name.slice(0, 80), part: line.part === "body" ? each.part : line.part, canOmit: each.canOmit || line.canOmit })));
    const followed = /* @__PURE__ */ new Set();
    part.steps.forEach((step, index) => {
      const follows = followsOf(part, index);
      for (const link of follows) followed.add(link.step);
      const growth = step.grows ? factor ** rules.handsOnExponent : 1;
      const grown = (minutes) => Math.min(4320, Math.max(1, Math.round(minutes * growth)));
      before2.push({
        ...step,
        id: stepId(step.id),
        uses: step.uses.map(lineId),
        after: follows.map((link) => ({ ...link, step: stepId(link.step) })),
        durationMin: { least: Math.min(grown(step.durationMin.least), grown(step.durationMin.likely)), likely: grown(step.durationMin.likely), most: grown(step.durationMin.most) },
        kit: step.kit.map((use) => use.as ? { ...use, as: joinedId(line.id, use.as, 40) } : use),
        alternatives: step.alternatives.map((each) => ({ ...each, id: stepId(each.id) }))
      });
    });
    const keepsMin = partKeepsMin(raw);
    ends.set(line.id, part.steps.filter((step) => !followed.has(step.id)).map((step) => ({ step: stepId(step.id), leastMin: 0, mostMin: keepsMin })));
  }
  const last = recipe.steps.length - 1;
  const asked = new Set(recipe.steps.flatMap((step) => step.uses));
  const own = recipe.steps.map((step, index) => {
    const waits = step.uses.flatMap((use) => ends.get(use) ?? []);
    const forgotten = index === last ? [...ends].filter(([id]) => !asked.has(id)).flatMap(([, links]) => links) : [];
    return { ...step, uses: step.uses.filter((use) => !ends.has(use)), after: [...followsOf(recipe, index), ...waits, ...forgotten] };
  });
  return { ...recipe, lines, steps: [...before2, ...own] };
}

// packages/core/src/versions/assign.ts
function versionFor(dish, guest) {
  return dish.versions.find((version) => version.guests.includes(guest.id)) ?? dish.versions[0];
}
function recipeOf(occasion, dish) {
  const find = (id) => occasion.recipes.find((each) => each.id === id);
  const recipe = find(dish.recipe);
  if (!recipe) throw new Error(`Dish ${dish.id} names recipe ${dish.recipe}, which the occasion does not hold`);
  return chosenWays(flatten(recipe, find), dish.choices);
}
var chosen = /* @__PURE__ */ new WeakMap();
function chosenWays(recipe, choices) {
  if (choices.length === 0) return recipe;
  let byChoices = chosen.get(recipe);
  if (!byChoices) chosen.set(recipe, byChoices = /* @__PURE__ */ new WeakMap());
  let made = byChoices.get(choices);
  if (!made) byChoices.set(choices, made = { ...recipe, steps: recipe.steps.map((step) => inChosenWay(step, choices)) });
  return made;
}
function inChosenWay(step, choices) {
  const wanted = choices.find((choice) => choice.step === step.id)?.alternative;
  if (wanted === step.id) return { ...step, alternatives: [] };
  const other = step.alternatives.find((each) => each.id === wanted);
  return other ? inOtherWay(step, other) : step;
}
function inOtherWay(step, other) {
  const { oven: _oven, ...rest } = step;
  return { ...rest, title: other.name, text: other.text, durationMin: other.durationMin, hands: other.hands, attention: [], kit: other.kit, burner: other.burner, alternatives: [] };
}
function versionRecipe(occasion, dish, version) {
  return applySwaps(recipeOf(occasion, dish), version.swaps);
}

// packages/core/src/versions/parts.ts
var partId = (path, id) => path.reduceRight((inner, line) => joinedId(line, inner), id);
var partKit = (path, as) => path.reduceRight((inner, line) => joinedId(line, inner, 40), as);
function partsOf(recipe, find) {
  if (madeWith(recipe, find).loop) return [];
  const parts = [];
  const visit = (each, path, batches) => {
    for (const line of each.lines) {
      const component = line.component && find(line.component);
      if (!component) continue;
      const part = { path: [...path, line.id], recipe: component, batches: batches * (batchesOfComponent(line, component) ?? 1) };
      parts.push(part);
      visit(component, part.path, part.batches);
    }
  };
  visit(recipe, [], 1);
  return parts;
}
function versionParts(occasion, dish, version) {
  const find = (id) => occasion.recipes.find((each) => each.id === id);
  const recipe = find(dish.recipe);
  if (!recipe) return [];
  return partsOf(recipe, find).map((part) => {
    const plain4 = flatten(part.recipe, find);
    const swaps = plain4.lines.flatMap((line) => version.swaps.flatMap((swap) => swap.line === partId(part.path, line.id) ? [{ ...swap, line: line.id }] : []));
    const choices = plain4.steps.flatMap((step) => dish.choices.flatMap((choice) => {
      if (choice.step !== partId(part.path, step.id)) return [];
      const way = [step.id, ...step.alternatives.map((each) => each.id)].find((id) => partId(part.path, id) === choice.alternative);
      return way ? [{ step: step.id, alternative: way }] : [];
    }));
    return { ...part, made: applySwaps(chosenWays(plain4, choices), swaps), sameAs: JSON.stringify([part.recipe.id, swaps, choices]) };
  });
}
var stepsOfPart = (part) => new Map(part.made.steps.map((step) => [partId(part.path, step.id), step.id]));
var kitOfPart = (part) => new Map(part.made.steps.flatMap((step) => step.kit.flatMap((use) => use.as === void 0 ? [] : [[partKit(part.path, use.as), use.as]])));

// packages/core/src/reading/tokens.ts
function plain(text) {
  return text.normalize("NFKD").replace(/\p{M}/gu, "").toLowerCase().replace(/œ/g, "oe").replace(/æ/g, "ae").replace(/ß/g, "ss").replace(/ø/g, "o").replace(/[\u00AD'’‘`´]/g, "");
}
var odd = new Map(Object.entries({ leaves: "leaf", loaves: "loaf", halves: "half", calves: "calf", knives: "knife", cookies: "cookie", brownies: "brownie", blondies: "blondie", smoothies: "smoothie", veggies: "veggie", pies: "pie", geese: "goose", fungi: "fungus", children: "child" }));
function singular(word) {
  const known2 = odd.get(word);
  if (known2) return known2;
  if (word.length <= 3 || /(ss|us|is)$/.test(word)) return word;
  if (word.endsWith("ies") && word.length > 4) return `${word.slice(0, -3)}y`;
  if (/(oes|ches|shes|xes|sses)$/.test(word)) return word.slice(0, -2);
  return word.endsWith("s") ? word.slice(0, -1) : word;
}
var wordPattern = /[\p{L}\p{M}\p{N}\u00AD'’‘`´]+/gu;
function tokenise(text) {
  const tokens = [];
  let last = 0;
  for (const match of text.matchAll(wordPattern)) {
    const start = match.index;
    const end = start + match[0].length;
    const spelt = plain(match[0]);
    const word = singular(spelt);
    const gap = text.slice(last, start);
    last = end;
    const before2 = tokens[tokens.length - 1];
    if (before2?.word === "e" && /^\d{3,4}[a-z]?$/.test(word) && /^[- ]$/.test(gap)) {
      tokens[tokens.length - 1] = { ...before2, word: `e${word}`, end };
      continue;
    }
    if (word !== "") tokens.push({ word, start, end, gap, owner: /['’‘`´]/.test(match[0]), plural: word !== spelt });
  }
  return tokens;
}
var joined = (token) => !/[,;:()[\]{}/•·|]/.test(token.gap);

// packages/core/src/reading/lexicon.ts
var byFirst = /* @__PURE__ */ new Map();
var known = /* @__PURE__ */ new Set();
function learn(text, { contains, possible, lifts, food, form }) {
  const tokens = tokenise(text);
  const phrase = tokens.map((token) => token.word);
  const key2 = `${phrase.join(" ")} ${form ?? ""}`;
  if (phrase.length === 0 || known.has(key2)) return;
  known.add(key2);
  const list = byFirst.get(phrase[0]) ?? [];
  list.push({ phrase, contains, possible, lifts, ...food && { food }, ...form && { form } });
  byFirst.set(phrase[0], list);
}
for (const entry of wordEntries) for (const word of entry.words) learn(word, { ...entry, form: entry.kind === "trap" && /['’]/.test(word) ? "owner" : void 0 });
for (const food of foods) {
  const contains = food.contains.filter((hazard) => !hazard.startsWith("raw-"));
  const ingredients = food.possible.filter((each) => !each.trace && (each.lifts || !contains.some((held) => hazardOf(held).groups.includes(each.hazard))));
  const possible = ingredients.map((each) => each.hazard);
  const lifts = ingredients.filter((each) => each.lifts).map((each) => each.hazard);
  for (const name of food.pluralAka) learn(name, { contains, possible, lifts, food: food.id, form: "plural" });
  for (const name of [food.name, food.plural, food.us, ...food.aka]) if (name) learn(name, { contains, possible, lifts, food: food.id });
}
for (const list of byFirst.values()) list.sort((a, b) => b.phrase.length - a.phrase.length || Number(b.form !== void 0) - Number(a.form !== void 0));
function longestAt(tokens, at3, to = tokens.length) {
  return byFirst.get(tokens[at3].word)?.find(({ phrase, form }) => at3 + phrase.length <= to && (!form || tokens[at3][form]) && phrase.every((word, i) => tokens[at3 + i].word === word && (i === 0 || joined(tokens[at3 + i]))));
}
var isKnown = (word) => byFirst.has(word) || plain2.has(word);
var scanned = { 0: "o", 1: "l", 3: "e", 5: "s" };
function wordsOf(text) {
  const tokens = tokenise(text);
  const mended = [];
  for (const token of tokens) {
    const before2 = mended[mended.length - 1];
    if (before2 && /^-[^\S\n]*\n\s*$/.test(token.gap)) {
      const whole2 = singular(`${before2.word}${token.word}`);
      if (isKnown(whole2)) {
        mended[mended.length - 1] = { ...before2, word: whole2, end: token.end, plural: token.plural };
        continue;
      }
    }
    const letters = /[a-z]/.test(token.word) && /[0135]/.test(token.word) && !/^\d+[a-z]{1,3}$/.test(token.word) && !isKnown(token.word) ? singular(token.word.replace(/[0135]/g, (digit) => scanned[digit])) : void 0;
    mended.push(letters !== void 0 && isKnown(letters) ? { ...token, word: letters } : token);
  }
  return mended;
}
var plain2 = new Set(plainWords.map((word) => singular(word)));
var isPlainWord = (word) => plain2.has(word) || /^\d/.test(word) || word.length === 1;
var claims = /* @__PURE__ */ new Map();
for (const entry of claimEntries) for (const word of entry.words) claims.set(tokenise(word).map((token) => token.word).join(" "), entry);
var claimOn = (words) => claims.get(words);
var singlesByLength = /* @__PURE__ */ new Map();
for (const meaning of [...byFirst.values()].flat()) {
  const length = meaning.phrase[0].length;
  if (meaning.phrase.length === 1 && length >= 4) singlesByLength.set(length, [...singlesByLength.get(length) ?? [], meaning]);
}
function nearest(word) {
  if (word.length < 4 || word.length > 24 || /\d/.test(word)) return [];
  let known2 = nearestKnown.get(word);
  if (!known2) {
    if (nearestKnown.size > 2e4) nearestKnown.clear();
    nearestKnown.set(word, known2 = findNearest(word));
  }
  return known2;
}
var nearestKnown = /* @__PURE__ */ new Map();
function findNearest(word) {
  const allowed = word.length >= 8 ? 2 : 1;
  let best2 = allowed + 1;
  let found = [];
  for (let length = word.length - allowed; length <= word.length + allowed; length++) {
    for (const meaning of singlesByLength.get(length) ?? []) {
      const other = meaning.phrase[0];
      if (other[0] !== word[0]) continue;
      const distance = slips(word, other, best2);
      if (distance < best2) {
        best2 = distance;
        found = [meaning];
      } else if (distance === best2 && best2 <= allowed) found.push(meaning);
    }
  }
  return found;
}
function slips(a, b, most) {
  let before2 = [];
  let row = Array.from({ length: b.length + 1 }, (_, j2) => j2);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    let least = i;
    for (let j2 = 1; j2 <= b.length; j2++) {
      const same = a[i - 1] === b[j2 - 1];
      let cost = Math.min(row[j2] + 1, next[j2 - 1] + 1, row[j2 - 1] + (same ? 0 : 1));
      if (i > 1 && j2 > 1 && a[i - 1] === b[j2 - 2] && a[i - 2] === b[j2 - 1]) cost = Math.min(cost, before2[j2 - 2] + 1);
      next.push(cost);
      least = Math.min(least, cost);
    }
    if (least > most) return most + 1;
    before2 = row;
    row = next;
  }
  return row[b.length];
}

// packages/core/src/reading/claims.ts
var afterNo = /* @__PURE__ */ new Set(["added", "any", "trace", "of", "the", "containing", "addition", "whatsoever"]);
var less = /^(egg|meat|dairy|milk|flour|gluten|nut|soy|yeast|sugar|fat|oil|salt|alcohol)(?:less|free)$/;
function claimsIn(tokens, from2, to) {
  const claims2 = [];
  const denied = [];
  const removed = /* @__PURE__ */ new Map();
  let vegan = false;
  let noPromise = false;
  const claim = (name, first, last) => void claims2.push({ name, first, last });
  const remove = (words) => {
    const entry = claimOn(words);
    entry?.removes.forEach((hazard) => removed.set(hazard, "gone"));
    entry?.weakens.forEach((hazard) => {
      if (removed.get(hazard) !== "gone") removed.set(hazard, "doubtful");
    });
    return entry !== void 0;
  };
  for (let at3 = from2; at3 < to; at3++) {
    const { word } = tokens[at3];
    const next = at3 + 1 < to ? tokens[at3 + 1].word : void 0;
    const wishEnd = wishedFrom(tokens, at3, to);
    if (wishEnd !== void 0) {
      denied.push({ first: at3, last: wishEnd });
      at3 = wishEnd;
      continue;
    }
    const shared2 = sharesFree(tokens, at3, to);
    if (shared2 !== void 0 && remove(word)) {
      claim(`${word}-free`, at3, at3);
      at3 = shared2 - 1;
      continue;
    }
    const whole2 = less.exec(word);
    if (word === "not" && next !== void 0 && (tokens[at3 + 2]?.word === "free" || next === "vegan" || next === "vegetarian")) {
      const last = at3 + (next === "vegan" || next === "vegetarian" ? 1 : 2);
      denied.push({ first: at3, last });
      at3 = last;
      continue;
    }
    if (word === "vegan" || word === "veganised" || word === "veganized") {
      vegan = true;
      claim("vegan", at3, at3);
    } else if (word === "vegetarian" || word === "veggie") claim("vegetarian", at3, at3);
    else if (word === "plant" && next === "based") {
      noPromise = true;
      claim("plant-based", at3, at3 + 1);
      at3++;
    } else if (word === "non" && (next === "dairy" || next === "animal")) {
      noPromise = true;
      claim(`non-${next}`, at3, at3 + 1);
      at3++;
    } else if (word === "non" && (next === "alcoholic" || next === "alcohol") && remove("alcohol")) {
      claim("alcohol-free", at3, at3 + 1);
      at3++;
    } else if (word === "suitable" && next === "for" && /^c(?:o)?eliac$/.test(tokens[at3 + 2]?.word ?? "") && tokens[at3 - 1]?.word !== "not" && remove("gluten")) {
      claim("gluten-free", at3, at3 + 2);
      at3 += 2;
    } else if (word === "gf" && remove("gluten")) claim("gluten-free", at3, at3);
    else if (word === "df" && remove("dairy")) claim("dairy-free", at3, at3);
    else if (whole2 && remove(whole2[1])) claim(`${whole2[1]}-free`, at3, at3);
    else if (next !== void 0 && tokens[at3 + 2]?.word === "free" && at3 + 2 < to && remove(`${word} ${next}`)) {
      claim(`${word} ${next}-free`, at3, at3 + 2);
      at3 += 2;
    } else if (next === "free" && tokens[at3 + 2]?.word !== "range" && tokens[at3 + 2]?.word !== "from" && remove(word)) {
      claim(`${word}-free`, at3, at3 + 1);
      at3++;
    } else if (next === "free" && /^-$/.test(tokens[at3 + 1].gap) && longestAt(tokens, at3, at3 + 1)) {
      claim(`${word}-free`, at3, at3 + 1);
      at3++;
    } else if (next !== void 0 && (word === "without" || word === "no" || word === "not" || word === "minu" || word === "minus" || word === "free" && (next === "from" || next === "of"))) at3 = negated(tokens, at3, at3 + (word === "free" ? 2 : 1), to, remove, claim);
    else if (next !== void 0 && (word === "instead" && next === "of" || word === "rather" && next === "than")) at3 = negated(tokens, at3, at3 + 2, to, remove, claim);
    else if (word === "in" && next === "place" && tokens[at3 + 2]?.word === "of") at3 = negated(tokens, at3, at3 + 3, to, remove, claim);
  }
  return { claims: claims2, denied, removed, vegan, noPromise };
}
var noFood = /* @__PURE__ */ new Set(["gluten", "dairy", "lactose", "grain", "casein"]);
function sharesFree(tokens, at3, to) {
  if (claimOn(tokens[at3].word) === void 0) return void 0;
  const next = tokens[at3 + 1];
  const second = next?.word === "and" || next?.word === "or" ? at3 + 2 : next && /[&/]/.test(next.gap) ? at3 + 1 : void 0;
  const hanging = next !== void 0 && /^-\s/.test(next.gap);
  if (!hanging && !noFood.has(tokens[at3].word)) return void 0;
  if (second === void 0 || second + 1 >= to || tokens[second + 1].word !== "free" || claimOn(tokens[second].word) === void 0) return void 0;
  return second;
}
var wishBefore = /* @__PURE__ */ new Set(["preferably", "ideally", "optionally", "maybe", "perhaps", "possibly", "if", "unless", "for", "when", "where", "make", "making", "keep", "sure", "non"]);
var copulas = /* @__PURE__ */ new Set(["is", "are", "be", "it", "its", "say"]);
var tasks = /* @__PURE__ */ new Set(["check", "sure", "ensure", "use", "choose", "find", "buy", "if", "that", "must", "should"]);
var wishAfter = /* @__PURE__ */ new Set(["if", "when", "where", "option", "optional"]);
var claimWords = /* @__PURE__ */ new Set(["vegan", "vegetarian", "veggie", "gf", "df"]);
function wishedFrom(tokens, at3, to) {
  const { word } = tokens[at3];
  const free = tokens[at3 + 1]?.word === "free" && at3 + 1 < to && claimOn(word) !== void 0;
  const whole2 = less.test(word) && claimOn(less.exec(word)[1]) !== void 0;
  if (!free && !whole2 && !claimWords.has(word)) return void 0;
  const last = free ? at3 + 1 : at3;
  const after = last + 1 < to ? tokens[last + 1].word : "";
  const before2 = tokens[at3 - 1]?.word ?? "";
  if (before2 === "for" && tokens[at3 - 2]?.word === "suitable" && tokens[at3 - 3]?.word !== "not") return void 0;
  const isTask = copulas.has(before2) && tokens.slice(Math.max(0, at3 - 6), at3).some((token) => tasks.has(token.word));
  return wishBefore.has(before2) || isTask || wishAfter.has(after) ? last : void 0;
}
function negated(tokens, at3, after, to, remove, claim) {
  let cursor = after;
  while (cursor < to && afterNo.has(tokens[cursor].word)) cursor++;
  let last = cursor - 1;
  while (cursor < to) {
    const { word, gap } = tokens[cursor];
    if (/[;.()|:\n]/.test(gap)) break;
    if (["and", "or"].includes(word)) {
      cursor++;
      continue;
    }
    const phrase = longestAt(tokens, cursor, to);
    if (!remove(word) && !phrase) break;
    const size = phrase ? phrase.phrase.length : 1;
    claim(`no ${tokens.slice(cursor, cursor + size).map((token) => token.word).join(" ")}`, cursor, cursor + size - 1);
    last = cursor + size - 1;
    cursor += size;
    if (cursor < to && !/,/.test(tokens[cursor].gap) && !["and", "or"].includes(tokens[cursor].word)) break;
  }
  return Math.max(at3, last);
}

// packages/core/src/reading/ingredient.ts
var animalHazards = /* @__PURE__ */ new Set(["meat", "poultry", "pork", "fish", "crustacean", "mollusc", "milk", "egg", "honey", "gelatine", "other-animal"]);
var flesh = /* @__PURE__ */ new Set(["meat", "poultry", "pork", "fish"]);
var dairyWords = /* @__PURE__ */ new Set(["milk", "cream", "butter", "cheese", "yogurt", "yoghurt", "yogourt", "drink", "spread", "creme", "custard", "mayo", "mayonnaise", "kefir", "mozzarella", "cheddar", "feta", "parmesan", "ricotta", "fraiche", "ghee", "mylk", "creamer"]);
var plantSources = /* @__PURE__ */ new Set(["almond", "cashew", "walnut", "hazelnut", "macadamia", "pistachio", "pecan", "nut", "peanut", "coconut", "oat", "rice", "soy", "soya", "hemp", "pea", "flax", "sunflower", "seed", "pumpkin", "potato", "tofu", "cocoa", "shea", "apple", "tigernut", "quinoa", "sesame", "lupin", "chickpea", "pear", "mango", "cacao", "body", "millet", "spelt", "barley", "bean", "lentil"]);
var standInsMayHold = ["soy", "tree-nut", "coconut"];
var notTheFood = /* @__PURE__ */ new Set(["sized", "size", "shaped", "shape", "fed", "coloured", "colored", "wood", "flavourless"]);
var meatShapes = /* @__PURE__ */ new Set(["steak", "burger", "meatball", "wing", "nugget", "cutlet", "rib", "pulled pork", "schnitzel", "tartare", "carpaccio", "kofta", "goujon"]);
var meatlessSources = /* @__PURE__ */ new Set(["coconut", "cauliflower", "jackfruit", "mushroom", "tofu", "soy", "soya", "seitan", "tempeh", "carrot", "aubergine", "eggplant", "cabbage", "lentil", "bean", "vegetable", "veg", "celeriac", "beetroot", "beet", "nut", "chickpea", "watermelon", "swede", "squash", "paper", "portobello", "quinoa", "falafel", "halloumi", "pea", "oat", "potato", "courgette", "zucchini", "plant", "meatless"]);
var styleWords = /* @__PURE__ */ new Set(["style", "flavour", "flavor", "flavoured", "flavored", "flavouring", "flavoring", "type", "effect"]);
var exemptDerivatives = /* @__PURE__ */ new Set(["glucose syrup", "glucose", "dextrose", "maltodextrin", "glucose fructose syrup", "dried glucose syrup", "fructose glucose syrup"]);
var seedWords = /* @__PURE__ */ new Set(["removed", "scraped", "discarded", "reserved", "kept", "out", "in", "of", "from", "only", "left", "and", "picked"]);
var purposes = /* @__PURE__ */ new Set(["glaze", "dip", "wrap", "roll", "sauce", "mince", "crumb", "batter", "ice", "salt", "sugar", "pickle", "marinade"]);
var connectors = /* @__PURE__ */ new Set(["and", "plus", "with", "then", "mixed"]);
function readIngredient(text) {
  const tokens = wordsOf(text);
  const notes = { claims: [], unknown: [], foods: [], understood: 0 };
  const hazards2 = /* @__PURE__ */ new Map();
  const warned = precautions(tokens);
  for (const [from2, to] of segments(tokens)) {
    const options = splitOptions(tokens, from2, to);
    const weighed = options.map(([first, end]) => readOption(text, tokens, first, end, options.length > 1, warned, notes));
    for (const hazard of new Set(weighed.flatMap((option) => [...option.keys()]))) {
      const { first, last, because: reason, level: own } = weighed.find((option) => option.has(hazard)).get(hazard);
      const level = weighed.every((option) => option.get(hazard)?.level === "contained") ? "contained" : "possible";
      const because = own === "contained" && level === "possible" ? `${reason.slice(0, -1)}, and is one of several choices.` : reason;
      if (hazards2.get(hazard)?.level === "contained" || hazards2.has(hazard) && level === "possible") continue;
      hazards2.set(hazard, { hazard, level, ...spanOf(text, tokens, first, last), because });
    }
  }
  const { claims: claims2, unknown: unknown2, foods: foods2 } = notes;
  if (notes.understood === 0 && claims2.length === 0 && unknown2.length === 0 && tokens.length > 0) unknown2.push(spanOf(text, tokens, 0, tokens.length - 1));
  const all = [...hazards2.values()];
  const contained = all.filter((each) => each.level === "contained");
  const possible = all.filter((each) => each.level === "possible");
  return { text, contained, possible, foods: foods2, claims: claims2, unknown: unknown2, optional: tokens.some((token) => token.word === "optional" || token.word === "optionally"), animal: animalOrigin(contained, possible, tokens.length === 0 ? [text] : unknown2) };
}
function animalOrigin(contained, possible, unknown2) {
  const has = (some) => some.some((each) => animalHazards.has(each.hazard));
  return has(contained) ? "animal" : has(possible) ? "possible" : unknown2.length > 0 ? "unknown" : "none";
}
function spanOf(text, tokens, first, last) {
  const [start, end] = [tokens[first].start, tokens[last].end];
  return { start, end, words: text.slice(start, end) };
}
function segments(tokens) {
  const found = [];
  const absent = /* @__PURE__ */ new Set();
  for (const { name, first, last } of claimsIn(tokens, 0, tokens.length).claims) if (name.startsWith("no ")) for (let at3 = first; at3 <= last; at3++) absent.add(at3);
  let from2 = 0;
  for (let at3 = 0; at3 < tokens.length; at3++) {
    const shared2 = sharesFree(tokens, at3, tokens.length);
    if (shared2 !== void 0) {
      at3 = shared2;
      continue;
    }
    const phrase = longestAt(tokens, at3);
    const { word, gap } = tokens[at3];
    const newThing = at3 > from2 && (/[;&+]/.test(gap) || /,/.test(gap) && /^\d/.test(word));
    if (newThing) {
      found.push([from2, at3]);
      from2 = at3;
    }
    if (phrase && phrase.phrase.length > 1) at3 += phrase.phrase.length - 1;
    else if (connectors.has(word) && at3 > from2 && at3 + 1 < tokens.length && tokens[at3 + 1].word !== "or" && !(absent.has(at3 - 1) && absent.has(at3 + 1))) {
      found.push([from2, at3]);
      from2 = at3 + 1;
    }
  }
  found.push([from2, tokens.length]);
  return found.filter(([first, end]) => end > first);
}
function precautions(tokens) {
  const found = [];
  for (let at3 = 0; at3 + 1 < tokens.length; at3++) {
    const { word } = tokens[at3];
    const next = tokens[at3 + 1].word;
    const begins = word === "may" && ["contain", "also", "have", "include", "still"].includes(next) || word === "trace" && next === "of";
    if (!begins) continue;
    let end = at3 + 1;
    while (end < tokens.length && !/[.)\]\n;]/.test(tokens[end].gap)) end++;
    found.push([at3, end]);
    at3 = end - 1;
  }
  return found;
}
function splitOptions(tokens, start, stop) {
  const options = [];
  let from2 = start;
  for (let at3 = start; at3 < stop; at3++) {
    const shared2 = sharesFree(tokens, at3, stop);
    if (shared2 !== void 0) {
      at3 = shared2;
      continue;
    }
    const token = tokens[at3];
    const isOr = token.word === "or" && at3 > from2 && at3 + 1 < stop;
    const isSlash = at3 > from2 && /\//.test(token.gap) && !/^\d/.test(token.word);
    if (!isOr && !isSlash) continue;
    options.push([from2, at3]);
    from2 = isOr ? at3 + 1 : at3;
  }
  options.push([from2, stop]);
  const empty = ([first, end]) => {
    for (let at3 = first; at3 < end; at3++) if (!isPlainWord(tokens[at3].word) || longestAt(tokens, at3, end)?.food) return false;
    return true;
  };
  const merged = [];
  for (const option of options) {
    const last = merged[merged.length - 1];
    if (last && empty(last)) last[1] = option[1];
    else merged.push(option);
  }
  const tail = merged[merged.length - 1];
  if (merged.length > 1 && empty(tail)) {
    merged.pop();
    merged[merged.length - 1][1] = tail[1];
  }
  return merged;
}
function readOption(text, tokens, from2, to, alternative, warned, notes) {
  const { claims: claims2, unknown: unknown2, foods: foods2 } = notes;
  const said = claimsIn(tokens, from2, to);
  claims2.push(...said.claims.map(({ name, first, last }) => ({ claim: name, ...spanOf(text, tokens, first, last) })));
  const claimEnd = new Map(said.claims.map((each) => [each.first, each.last]));
  const found = findMeanings(tokens, from2, to, said, unknown2, text);
  notes.understood += found.length;
  const weighed = /* @__PURE__ */ new Map();
  const put = (hazard, level, { first, last, readAs }, why) => {
    const before2 = weighed.get(hazard);
    if (before2 && (before2.level === "contained" || level === "possible")) return;
    weighed.set(hazard, { level, first, last, because: `\u201C${text.slice(tokens[first].start, tokens[last].end)}\u201D${readAs ? ` (read as ${readAs})` : ""} ${why} ${hazardOf(hazard).name}.` });
  };
  for (const [index, each] of found.entries()) {
    const { meaning, first, last } = each;
    const feared = warned.some(([begin, end]) => first >= begin && first < end);
    const onlyStyle = last + 1 < to && /^[- ]?$/.test(tokens[last + 1].gap) && styleWords.has(tokens[last + 1].word);
    const meatless = first - 1 >= from2 && meatlessSources.has(tokens[first - 1].word) && joined(tokens[first]);
    if (meaning.food && !each.readAs) foods2.push({ food: meaning.food, name: foodOf(meaning.food).name, ...spanOf(text, tokens, first, last), alternative });
    const source = tokens[first - 1]?.word;
    const ofPlant = meaning.phrase.length === 1 && dairyWords.has(meaning.phrase[0]) && first - 1 >= from2 && source !== void 0 && plantSources.has(source) && joined(tokens[first]);
    const noAnimal = said.vegan || ofPlant;
    const named3 = within(first, last, claimEnd);
    for (const hazard of meaning.contains) {
      const { groups } = hazardOf(hazard);
      const gone = named3 ? void 0 : said.removed.get(hazard);
      if (gone === "gone") {
        for (const group of groups) if (said.removed.get(group) === "doubtful") put(group, "possible", each, "may hold");
      }
      if (gone === "gone" || noAnimal && (animalHazards.has(hazard) || hazard === "lactose")) continue;
      const ownName = meaning.phrase.includes(hazard);
      const isFlesh = flesh.has(hazard) || hazard === "crustacean" || hazard === "mollusc";
      const exempt = exemptDerivatives.has(found[index - 1]?.meaning.phrase.join(" ") ?? "") && /^\s*[([](?:\s*(?:from|of|made from))?\s*$/.test(text.slice(tokens[found[index - 1].last].end, tokens[first].start));
      if (meatless && isFlesh && meatShapes.has(meaning.phrase.join(" "))) continue;
      const level = feared || exempt || isFlesh && (meatless || onlyStyle) || gone === "doubtful" && !ownName || said.noPromise && animalHazards.has(hazard) ? "possible" : "contained";
      put(hazard, level, each, level === "possible" ? "may hold" : "holds");
      for (const group of groups) {
        const lifted = meaning.lifts.includes(group) || ownName && said.removed.get(group) === "gone";
        if (lifted) put(group, "possible", each, "may hold");
        else if (said.removed.get(group) !== "gone") put(group, level, each, level === "possible" ? "may hold" : "holds");
      }
    }
    for (const hazard of meaning.possible) {
      if (said.removed.get(hazard) === "gone" && !meaning.lifts.includes(hazard)) continue;
      if (said.vegan && (animalHazards.has(hazard) || hazard === "lactose")) continue;
      if (ofPlant && meaning.phrase[0] !== "cheese") continue;
      put(hazard, "possible", each, "may hold");
      for (const group of hazardOf(hazard).groups) if (said.removed.get(group) !== "gone" && group !== "meat") put(group, "possible", each, "may hold");
    }
    const promised = said.vegan || said.removed.get("milk") === "gone";
    if (!promised && (ofPlant && meaning.phrase[0] === "cheese" || said.noPromise && named3)) put("milk", "possible", each, "may hold");
    const standIn = (said.vegan || said.noPromise) && !ofPlant && meaning.contains.some((hazard) => animalHazards.has(hazard));
    if (standIn && found[index - 1]?.last !== first - 1) {
      for (const hazard of standInsMayHold) if (!said.removed.has(hazard)) put(hazard, "possible", each, "made without animal products may hold");
    }
  }
  return weighed;
}
function within(first, last, ends) {
  for (let at3 = first; at3 <= last; at3++) if ((ends.get(at3) ?? Infinity) <= last) return true;
  return false;
}
function findMeanings(tokens, from2, to, { claims: claims2, denied }, unknown2, text) {
  const found = [];
  const deniedEnd = new Map(denied.map((each) => [each.first, each.last]));
  const claimEnd = /* @__PURE__ */ new Map();
  for (const { first, last } of claims2) for (let at3 = first; at3 <= last; at3++) claimEnd.set(at3, last);
  for (let at3 = from2; at3 < to; at3++) {
    const deniedTo = deniedEnd.get(at3);
    if (deniedTo !== void 0) {
      at3 = deniedTo;
      continue;
    }
    const { word } = tokens[at3];
    const meaning = longestAt(tokens, at3, to);
    const last = at3 + (meaning?.phrase.length ?? 1) - 1;
    const claimed = claimEnd.get(at3);
    if (claimed !== void 0 && last <= claimed) continue;
    if (meaning && (claimed !== void 0 || !claimEnd.has(last))) {
      if (!onlyCompared(tokens, at3, last, to, meaning)) {
        found.push({ meaning, first: at3, last });
        found.push(...overhanging(tokens, at3, last, to));
      }
      at3 = last;
      continue;
    }
    if (isPlainWord(word)) continue;
    const span2 = spanOf(text, tokens, at3, at3);
    const guesses = nearest(word);
    if (guesses.length === 0) {
      unknown2.push(span2);
      continue;
    }
    const shared2 = guesses[0].contains.filter((hazard) => guesses.every((guess) => guess.contains.includes(hazard)));
    const rest = [...new Set(guesses.flatMap((guess) => [...guess.contains, ...guess.possible]))].filter((hazard) => !shared2.includes(hazard));
    found.push({ meaning: { phrase: guesses[0].phrase, contains: shared2, possible: rest, lifts: [] }, first: at3, last: at3, readAs: guesses.map((guess) => guess.phrase.join(" ")).join(" or ") });
    if (shared2.length === 0) unknown2.push(span2);
  }
  return found;
}
function overhanging(tokens, first, last, to) {
  for (let at3 = first + 1; at3 <= last; at3++) {
    const meaning = longestAt(tokens, at3, to);
    const end = at3 + (meaning?.phrase.length ?? 0) - 1;
    if (meaning && end > last) return [{ meaning: { ...meaning, contains: [], possible: [...meaning.contains, ...meaning.possible] }, first: at3, last: end, readAs: meaning.phrase.join(" ") }];
  }
  return [];
}
function onlyCompared(tokens, first, last, to, meaning) {
  const next = last + 1 < to ? tokens[last + 1] : void 0;
  const close = next !== void 0 && /^[- ]?$/.test(next.gap);
  if (close && notTheFood.has(next.word)) return true;
  if (meaning.phrase[0] === "lecithin" && ["sunflower", "rapeseed", "canola"].includes(tokens[last + 1]?.word ?? "")) return true;
  if (close && next.word === "smoked" && next.gap === "-") return true;
  if (close && next.word === "smoked" && meaning.contains.length === 0) return true;
  if (meaning.phrase.join(" ") === "seed" && [tokens[last + 1], tokens[last + 2]].some((token) => token !== void 0 && seedWords.has(token.word))) return true;
  const before2 = (steps) => tokens[first - steps]?.word;
  const close1 = joined(tokens[first]);
  if (close1 && (before2(1) === "for" || before2(2) === "for" && ["the", "a", "your", "each"].includes(before2(1) ?? ""))) return true;
  if (close1 && before2(1) === "to" && first === last && purposes.has(tokens[first].word)) return true;
  return before2(1) === "of" && before2(2) === "size" || before2(2) === "of" && before2(3) === "size" && ["a", "an", "one"].includes(before2(1) ?? "") || before2(1) === "like" && before2(2) === "look";
}

// packages/core/src/exposure/knowledge.ts
var dayNumber = (day) => Date.parse(`${day}T00:00:00Z`) / 864e5;
var daysBetween = (from2, to) => Math.round(dayNumber(to) - dayNumber(from2));
var months = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];
function dateWords(iso) {
  const [year, month, day] = iso.split("-").map(Number);
  return `${day} ${months[month - 1]} ${year}`;
}
var remembered3 = /* @__PURE__ */ new WeakMap();
function knowledgeOf({ labels, ownFoods, date }) {
  const known2 = remembered3.get(labels);
  if (known2 && known2.ownFoods === ownFoods && known2.date === date) return known2.knowledge;
  const own = new Map(ownFoods.map((each) => [each.id, asFood(each, foodOf(each.id))]));
  const find = (id) => own.get(id) ?? foodOf(id);
  const latest2 = /* @__PURE__ */ new Map();
  for (const label of labels) if (!latest2.has(label.food) || latest2.get(label.food).readOn <= label.readOn) latest2.set(label.food, label);
  const parts = /* @__PURE__ */ new Map();
  const knowledge = {
    food: find,
    isOwn: (id) => own.has(id),
    label: (id) => latest2.get(id),
    isOld: (label) => daysBetween(label.readOn, date) > rules.labelKeepsDays,
    parts: (id) => {
      let found = parts.get(id);
      const food = find(id);
      if (!found) parts.set(id, found = new Set(food ? madeFrom(food, find).map((each) => each.id) : [id]));
      return found;
    },
    families: (id) => {
      const food = find(id);
      return food ? familiesOf(food, find) : /* @__PURE__ */ new Set();
    }
  };
  remembered3.set(labels, { ownFoods, date, knowledge });
  return knowledge;
}

// packages/core/src/exposure/evidence.ts
var grains = /* @__PURE__ */ new Set(["wheat", "barley", "rye", "oats", "gluten"]);
var capital = (words) => words.charAt(0).toUpperCase() + words.slice(1);
var ofHazard = (base, hazard, level, grade, because, lifts = []) => ({ ...base, about: { kind: "hazard", hazard, ...lifts.length > 0 && { lifts } }, level, grade, because });
var remembered4 = /* @__PURE__ */ new WeakMap();
function lineEvidence(line, knowledge) {
  if (!line.food) return wordEvidence(line, knowledge);
  const food = knowledge.food(line.food);
  const label = knowledge.label(line.food);
  const old = label !== void 0 && knowledge.isOld(label);
  const known2 = remembered4.get(line);
  if (known2 && known2.food === food && known2.label === label && known2.old === old) return known2.evidence;
  const base = { line: line.id, food: line.food, words: line.text };
  const evidence = food ? foodEvidence(base, food, label, old, knowledge) : [unknownWords(base)];
  remembered4.set(line, { food, label, old, evidence });
  return evidence;
}
var unknownWords = (base) => ({ ...base, about: { kind: "unknown" }, level: "possible", grade: "unknown", because: `Nobody has said what \u201C${base.words}\u201D is made of.` });
function foodEvidence(base, food, label, old, knowledge) {
  const own = knowledge.isOwn(food.id);
  const grade = own ? "word" : food.kind === "single" ? "single" : "usual";
  const grain = food.families.includes("grain") || [...food.contains, ...food.possible.map((each) => each.hazard)].some((hazard) => grains.has(hazard)) || food.kind === "composite";
  const claims2 = label && !old && !label.carriedOver ? label.claims : [];
  const found = [{ ...base, about: { kind: "food", food: food.id, parts: knowledge.parts(food.id), families: knowledge.families(food.id), grain, claims: claims2 }, level: "contained", grade, because: own ? `You say that it is ${food.name}.` : `It is ${food.name}.` }];
  const lifted = food.possible.filter((each) => each.lifts).map((each) => each.hazard);
  const certified = claims2.includes("gluten-free");
  for (const hazard of food.contains) {
    const lifts = hazardOf(hazard).groups.filter((group) => lifted.includes(group));
    found.push(ofHazard(base, hazard, "contained", grade, `${capital(food.name)}: holds ${hazardOf(hazard).name}${own ? ", as you noted" : ""}.`, lifts));
  }
  if (label) found.push(...labelEvidence(base, food, label, certified));
  if (!label || old || label.carriedOver) {
    const again2 = !label ? [] : [old ? `The label of ${label.product} was read on ${dateWords(label.readOn)}, too long ago: read it again.` : `The label of ${label.product} was read for an earlier occasion: read it again for whoever may have no trace.`];
    const strictOnly = label && !old ? { strictOnly: true } : {};
    for (const { hazard, why, trace } of food.possible) {
      found.push({ ...ofHazard(base, hazard, trace ? "trace" : "possible", grade === "word" ? "word" : "usual", [`${capital(why)}. The label decides.`, ...again2].join(" ")), ...strictOnly });
    }
    if (food.kind === "composite") {
      found.push({ ...base, about: { kind: "unread" }, level: "possible", grade: "unknown", because: again2[0] ?? `${capital(food.name)}: made of several things, and its label has not been read.`, ...strictOnly });
    }
  }
  return found;
}
function labelEvidence(base, food, label, certified) {
  const read = `label of ${label.product}, read ${dateWords(label.readOn)}`;
  const found = [];
  for (const hazard of label.contains) {
    const lifts = certified ? hazardOf(hazard).groups : [];
    if (!food.contains.includes(hazard)) found.push(ofHazard(base, hazard, "contained", "label", `The ${read} lists ${hazardOf(hazard).name}.`, lifts));
  }
  for (const hazard of label.mayContain) found.push(ofHazard(base, hazard, "trace", "label", `The ${read} says it may contain ${hazardOf(hazard).name}.`));
  const settled = ({ hazard, settledBy: settledBy2 }) => settledBy2 ? certified : label.lookedFor === void 0 || label.lookedFor.includes(hazard) || label.contains.includes(hazard) || label.mayContain.includes(hazard) || certified && hazard === "gluten";
  const skipped = food.possible.filter((doubt) => !settled(doubt));
  for (const { hazard, why, trace, settledBy: settledBy2 } of skipped) found.push(ofHazard(base, hazard, trace ? "trace" : "possible", "usual", settledBy2 ? `${capital(why)}; the ${read}, does not say ${settledBy2}.` : `${capital(why)}; the ${read}, was not read for it.`));
  if (label.contains.includes("oats") && !certified) found.push(ofHazard(base, "gluten", "possible", "label", `The ${read} lists oats and does not say gluten-free.`));
  if (label.contains.includes("milk") && !food.contains.includes("milk") && !label.contains.includes("lactose") && !label.claims.includes("lactose-free") && label.lookedFor?.includes("lactose") !== true) found.push(ofHazard(base, "lactose", "possible", "label", `The ${read} lists milk, and was not read for lactose.`));
  if (food.kind === "composite") found.push({ ...base, about: { kind: "unlisted", absent: /* @__PURE__ */ new Set([...label.foodsAbsent, ...label.familiesAbsent]), found: /* @__PURE__ */ new Set([...label.foodsFound, ...label.familiesFound]), lookedFor: label.lookedFor && /* @__PURE__ */ new Set([...label.lookedFor, ...label.contains, ...label.mayContain, ...food.contains]) }, level: "possible", grade: "label", because: `The ${read}, was not read for it.` });
  return found;
}
var rememberedWords = /* @__PURE__ */ new WeakMap();
function wordEvidence(line, knowledge) {
  const known2 = rememberedWords.get(line);
  const reading = known2?.reading ?? readIngredient(line.text);
  const foods2 = reading.foods.map((each) => knowledge.food(each.food));
  if (known2 && foods2.every((food, index) => food === known2.foods[index])) return known2.evidence;
  const base = { line: line.id, food: void 0, words: line.text };
  const found = [];
  for (const hazard of reading.contained) found.push(ofHazard(base, hazard.hazard, "contained", "usual", hazard.because));
  for (const hazard of reading.possible) found.push(ofHazard(base, hazard.hazard, "possible", "usual", `${hazard.because} The label decides.`));
  for (const [index, { food: id, words }] of reading.foods.entries()) {
    const food = foods2[index];
    if (!food) continue;
    const grain = food.families.includes("grain") || food.kind === "composite";
    found.push({ ...base, about: { kind: "food", food: id, parts: knowledge.parts(id), families: knowledge.families(id), grain, claims: [] }, level: "contained", grade: "usual", because: `\u201C${words}\u201D is ${food.name}.` });
    for (const { hazard, why, trace } of food.possible) if (trace) found.push(ofHazard(base, hazard, "trace", "usual", `${capital(why)}. The label decides.`));
    if (food.kind === "composite") found.push({ ...base, about: { kind: "unread" }, level: "possible", grade: "unknown", because: `\u201C${words}\u201D is made of several things, and its label has not been read.` });
  }
  for (const { words } of reading.unknown) found.push({ ...base, about: { kind: "unknown" }, level: "possible", grade: "unknown", because: `Nobody has said what \u201C${words}\u201D is.` });
  if (found.length === 0) found.push(unknownWords(base));
  rememberedWords.set(line, { reading, foods: foods2, evidence: found });
  return found;
}
var served = /* @__PURE__ */ new WeakMap();
function servedEvidence(recipe, knowledge) {
  const parts = recipe.lines.map((line) => lineEvidence(line, knowledge));
  const known2 = served.get(recipe);
  if (known2 && known2.parts.length === parts.length && parts.every((part, index) => part === known2.parts[index])) return known2.evidence;
  const before2 = ancestry(recipe);
  const evidence = recipe.lines.flatMap(
    (line, index) => parts[index].filter(({ about }) => {
      if (about.kind !== "hazard") return true;
      const { kind, safeCoreC } = hazardOf(about.hazard);
      if (kind !== "raw" || safeCoreC === void 0) return true;
      const enters = recipe.steps.find((step) => step.uses.includes(line.id));
      return !enters || !recipe.steps.some((step) => step.coreC !== void 0 && step.coreC >= safeCoreC && before2.get(step.id).has(enters.id));
    })
  );
  served.set(recipe, { parts, evidence });
  return evidence;
}

// packages/core/src/exposure/brought.ts
var remembered5 = /* @__PURE__ */ new WeakMap();
function makerEvidence(dish) {
  if (!dish.brought) return none;
  let evidence = remembered5.get(dish);
  if (!evidence) remembered5.set(dish, evidence = ofMaker(dish.brought));
  return evidence;
}
var none = [];
function ofMaker({ how, by, sealed, label, answers }) {
  const words = how === "bought" ? `bought from ${by}` : `brought by ${by}`;
  const found = [];
  const hazard = (id, level, grade, because) => void found.push({ about: { kind: "hazard", hazard: id }, level, grade, words, because });
  const labelled = sealed && label !== void 0;
  if (label) {
    for (const id of label.contains) hazard(id, "contained", "label", `Its label, read ${dateWords(label.readOn)}, lists ${hazardOf(id).name}.`);
    for (const id of label.mayContain) hazard(id, "trace", "label", `Its label, read ${dateWords(label.readOn)}, says it may contain ${hazardOf(id).name}.`);
  }
  if (labelled) {
    if (label.contains.includes("milk") && !label.contains.includes("lactose") && !label.claims.includes("lactose-free")) hazard("lactose", "possible", "label", "Its label lists milk, and was not read for lactose.");
    if (label.contains.includes("oats") && !label.claims.includes("gluten-free")) hazard("gluten", "possible", "label", "Its label lists oats, and does not say gluten-free.");
    found.push({ about: { kind: "unlisted", absent: /* @__PURE__ */ new Set(), found: /* @__PURE__ */ new Set() }, level: "possible", grade: "label", words, because: "Its label was read for hazards, not for single foods." });
    return found;
  }
  const answer = new Map(answers.map((each) => [each.question, each]));
  const everything = answer.get("everything");
  if (everything?.answer !== "yes") {
    found.push({ about: { kind: "unknown" }, level: "possible", grade: "unknown", words, because: everything ? `${by} could not name everything in it.` : `${by} has not been asked what is in it.` });
  }
  const packets = answer.get("packets");
  if (packets?.answer !== "yes") found.push({ about: { kind: "unread" }, level: "possible", grade: "unknown", words, because: `The labels of the packets that ${by} used are not known.` });
  found.push({ about: { kind: "kitchen" }, level: "trace", grade: answer.get("kit")?.answer === "no" ? "word" : "unknown", words, because: kitchenWords(by, answer.get("kit")) });
  for (const question of ["kit", "medium"]) {
    const said = answer.get(question);
    if (said?.answer !== "yes") continue;
    const reading = readIngredient(said.words);
    const because = `${by} said on ${dateWords(said.on)}: \u201C${said.words || "yes"}\u201D.`;
    for (const each of reading.contained) hazard(each.hazard, question === "kit" ? "trace" : "carried", "word", because);
    for (const each of reading.possible) hazard(each.hazard, "trace", "word", because);
    if (question === "medium" && reading.foods.length + reading.contained.length + reading.possible.length === 0) found.push({ about: { kind: "unknown" }, level: "trace", grade: "unknown", words, because });
  }
  return found;
}
function kitchenWords(by, said) {
  if (!said) return `Nobody here knows the kitchen of ${by}, and what its boards and pans touched.`;
  if (said.answer === "no") return `${by} said on ${dateWords(said.on)} that the kit touched nothing of the kind; nobody here saw it.`;
  return said.answer === "yes" ? `${by} said on ${dateWords(said.on)} that the kit also touched other food.` : `${by} could not say what the kit had touched.`;
}
function partners(occasion, dish, medium) {
  const linked2 = (one, other) => one.shares.some((shared2) => shared2.medium === medium && shared2.with.includes(other.id)) || other.shares.some((shared2) => shared2.medium === medium && shared2.with.includes(one.id));
  const met = /* @__PURE__ */ new Set([dish]);
  for (const one of met) for (const other of occasion.dishes) if (linked2(one, other)) met.add(other);
  met.delete(dish);
  return [...met];
}
function mediumEvidence(occasion, dish) {
  if (occasion.dishes.every((each) => each.shares.length === 0)) return none;
  const knowledge = knowledgeOf(occasion);
  const media = new Set(occasion.dishes.flatMap((each) => each.shares.map((shared2) => shared2.medium)));
  return [...media].flatMap((medium) => partners(occasion, dish, medium).flatMap((other) => {
    const name = recipeOf(occasion, other).name;
    const lines = other.versions.flatMap((version) => versionRecipe(occasion, other, version).lines.flatMap((line) => lineEvidence(line, knowledge)));
    return [...lines, ...makerEvidence(other)].flatMap((each) => {
      const { about } = each;
      if (about.kind === "food" || about.kind === "unlisted") return [];
      if (about.kind === "hazard" && hazardOf(about.hazard).kind === "raw") return [];
      const level = each.level === "contained" && about.kind === "hazard" ? "carried" : "trace";
      return [{ about, level, grade: each.grade, words: `shares its ${medium} with ${name}`, because: `${each.because} The ${medium} carries it over.` }];
    });
  }));
}

// packages/core/src/fit/needs.ts
function avoidedBy(need) {
  switch (need.kind) {
    case "hazard":
      return [need.hazard];
    case "diet":
      return dietOf(need.diet).avoids;
    case "family":
    case "food":
    case "open":
      return [];
    default:
      return need;
  }
}
function needWords(need) {
  if (need.kind === "open") return plainWords2(need);
  const but = need.exceptions.map((each) => foodOf(each.food)?.name ?? each.food);
  const certified = need.kind === "hazard" && need.certifiedOnly ? ", certified goods only" : "";
  return `${plainWords2(need)}${certified}${but.length > 0 ? `, except ${but.join(" and ")}` : ""}`;
}
function plainWords2(need) {
  switch (need.kind) {
    case "open":
      return `not yet understood: \u201C${need.text}\u201D`;
    case "diet":
      return need.strictness === "not-ingredient" ? dietOf(need.diet).name : `${dietOf(need.diet).name}, ${strictnessWords(need.strictness)}`;
    case "hazard":
      if (hazardOf(need.hazard).kind === "intolerance" && need.strictness === "not-ingredient") return `no ${hazardOf(need.hazard).name}`;
      return amongWords(need.strictness, hazardOf(need.hazard).name);
    case "family":
      return amongWords(need.strictness, familyOf(need.family).name);
    case "food":
      return amongWords(need.strictness, foodOf(need.food)?.name ?? need.food);
    default:
      return need;
  }
}
var amongWords = (strictness, name) => strictness === "no-trace" ? `no trace of ${name}` : strictness === "not-ingredient" ? `no ${name} as an ingredient` : `prefers no ${name}`;
var strictnessWords = (strictness) => strictness === "no-trace" ? "no trace" : strictness === "not-ingredient" ? "not as an ingredient" : "a preference";
function noTraceHazards(guest) {
  const all = /* @__PURE__ */ new Set();
  for (const need of guest.needs) {
    if (need.kind === "open" || need.strictness !== "no-trace") continue;
    for (const hazard of avoidedBy(need)) {
      all.add(hazard);
      for (const member of membersOf(hazard)) all.add(member);
      for (const group of hazardOf(hazard).groups) all.add(group);
      for (const relative of hazardOf(hazard).related) all.add(relative);
    }
  }
  return all;
}

// packages/core/src/fit/verdict.ts
var rank = { clear: 0, check: 1, conflict: 2 };
var worse = (a, b) => rank[a] >= rank[b] ? a : b;
var isChoice = (need) => need.kind !== "hazard" || hazardOf(need.hazard).kind !== "allergen";
function weigh(level, strictness, choice) {
  switch (strictness) {
    case "no-trace":
      return level === "contained" || level === "carried" ? "conflict" : "check";
    case "not-ingredient":
      if (level === "contained") return "conflict";
      return level === "possible" || !choice ? "check" : "clear";
    case "prefers-not":
      return "clear";
    default:
      return strictness;
  }
}
function weighHazard(found, level, lifts, avoided, need) {
  if (lifts.includes(avoided)) return "clear";
  switch (bearingOf(found, avoided)) {
    case "none":
      return "clear";
    case "same":
      return weigh(level, need.strictness, isChoice(need));
    case "maybe":
    case "related":
      return need.strictness === "prefers-not" || (level === "trace" || level === "carried") && isChoice(need) ? "clear" : "check";
  }
}
function isAvoidedFood(about, need) {
  return need.kind === "food" ? about.parts.has(need.food) : need.kind === "family" && about.families.has(need.family);
}
function weighEvidence(evidence, need) {
  const { about } = evidence;
  if (evidence.strictOnly && need.strictness !== "no-trace") return { verdict: "clear" };
  switch (about.kind) {
    case "hazard": {
      let best2 = { verdict: "clear" };
      for (const avoided of avoidedBy(need)) {
        const verdict = weighHazard(about.hazard, evidence.level, about.lifts ?? [], avoided, need);
        if (rank[verdict] > rank[best2.verdict]) best2 = { verdict, hazard: about.hazard };
      }
      return best2;
    }
    case "food": {
      if (isAvoidedFood(about, need)) return { verdict: weigh(evidence.level, need.strictness, true) };
      const uncertified = need.kind === "hazard" && need.certifiedOnly && about.grain && !about.claims.includes("gluten-free");
      return { verdict: uncertified && need.strictness !== "prefers-not" ? "check" : "clear" };
    }
    case "unread":
      if (need.strictness === "prefers-not") return { verdict: "clear" };
      return { verdict: need.kind === "food" || need.kind === "family" || need.strictness === "no-trace" ? "check" : "clear" };
    case "unlisted": {
      if (need.strictness === "prefers-not") return { verdict: "clear" };
      if (need.kind !== "food" && need.kind !== "family") return { verdict: need.strictness === "no-trace" && avoidedBy(need).some((hazard) => !wasSought(hazard, about.lookedFor)) ? "check" : "clear" };
      const sought = need.kind === "family" ? need.family : need.food;
      return { verdict: about.found.has(sought) ? "conflict" : about.absent.has(sought) ? "clear" : "check" };
    }
    case "unknown":
      return { verdict: need.strictness === "prefers-not" ? "clear" : "check" };
    case "kitchen":
      return { verdict: need.strictness === "no-trace" ? "check" : "clear" };
    default:
      return about;
  }
}
function wasSought(hazard, lookedFor) {
  if (lookedFor === void 0 || lookedFor.has(hazard) || hazardOf(hazard).groups.some((group) => lookedFor.has(group))) return true;
  const members = membersOf(hazard);
  return members.length > 0 && members.every((member) => lookedFor.has(member));
}
function settledBy({ about, level, grade, line, food }) {
  if (about.kind === "kitchen") return "nothing";
  if (line === void 0) return level === "carried" ? "nothing" : "maker";
  if (about.kind === "unknown" || food === void 0) return "line";
  if (about.kind === "food" || about.kind === "unlisted") return "label";
  if (about.kind === "hazard" && grade === "label") return "product";
  return level === "contained" ? "guest" : level === "carried" ? "nothing" : "label";
}
function judge(guest, evidence) {
  let byEvidence = remembered6.get(guest);
  if (!byEvidence) remembered6.set(guest, byEvidence = /* @__PURE__ */ new WeakMap());
  let judgement = byEvidence.get(evidence);
  if (!judgement) byEvidence.set(evidence, judgement = judgeAfresh(guest, evidence));
  return judgement;
}
var remembered6 = /* @__PURE__ */ new WeakMap();
function judgeAfresh(guest, evidence) {
  const reasons = [];
  const notes = [];
  for (const need of guest.needs) {
    if (need.kind === "open") {
      reasons.push({ verdict: "check", need, settles: "guest", chain: [`${guest.name}: ${needWords(need)}`, "Ask what it means, then write it as a need."] });
      continue;
    }
    const start = `${guest.name}: ${needWords(need)}, ${guest.confirmedOn ? `confirmed ${dateWords(guest.confirmedOn)}` : "not yet confirmed with them"}`;
    if ((need.kind === "food" || need.kind === "family") && need.strictness === "no-trace") {
      const name = need.kind === "food" ? foodOf(need.food)?.name ?? need.food : familyOf(need.family).name;
      reasons.push({ verdict: "check", need, settles: "guest", chain: [start, `Traces of ${name} are not followed over boards and hands.`, "Keep its kit apart yourself, or note it as \u201Cnot as an ingredient\u201D if a trace does not matter."] });
    }
    for (const each of evidence) {
      const { verdict, hazard } = weighEvidence(each, need);
      const base = { need, line: each.line, food: each.food, hazard };
      if (verdict === "clear") {
        if (need.strictness === "prefers-not" && each.level === "contained" && meets(each, need)) notes.push({ ...base, verdict, settles: "nothing", chain: [start, `\u201C${each.words}\u201D`, each.because] });
        continue;
      }
      const named3 = each.food ?? (each.about.kind === "food" ? each.about.food : void 0);
      const agreed = need.exceptions.find((one) => one.food === named3);
      const own = agreed ? `${guest.name} said${agreed.agreedOn ? ` on ${dateWords(agreed.agreedOn)}` : ""}: \u201C${agreed.words}\u201D.` : void 0;
      const because = each.about.kind === "food" && !isAvoidedFood(each.about, need) ? "Certified gluten-free goods only, and no label that says so has been read." : each.because;
      if (own === void 0) reasons.push({ ...base, verdict, settles: settledBy(each), chain: [start, `\u201C${each.words}\u201D`, because] });
      else if (need.strictness === "no-trace" && !isOnlyRelated(each, need)) reasons.push({ ...base, verdict: "check", settles: "guest", chain: [start, `\u201C${each.words}\u201D`, each.because, own, "No trace, and yet this: ask again before it is served."] });
      else notes.push({ ...base, verdict: "clear", settles: "nothing", chain: [start, `\u201C${each.words}\u201D`, each.because, own] });
    }
  }
  reasons.sort((a, b) => rank[b.verdict] - rank[a.verdict]);
  return { verdict: reasons.reduce((sum, reason) => worse(sum, reason.verdict), "clear"), reasons, notes };
}
var isOnlyRelated = ({ about }, need) => about.kind === "hazard" && avoidedBy(need).every((avoided) => ["related", "none"].includes(bearingOf(about.hazard, avoided)));
function meets({ about }, need) {
  if (about.kind === "food") return isAvoidedFood(about, need);
  return about.kind === "hazard" && avoidedBy(need).some((avoided) => bearingOf(about.hazard, avoided) === "same");
}

// packages/core/src/fit/table.ts
var joinedLists = /* @__PURE__ */ new WeakMap();
function dishEvidence(occasion, dish, recipe, knowledge = knowledgeOf(occasion)) {
  const lines = servedEvidence(recipe, knowledge);
  const maker = makerEvidence(dish);
  const medium = mediumEvidence(occasion, dish);
  if (maker.length === 0 && medium.length === 0 && !dish.brought) return lines;
  const known2 = joinedLists.get(lines);
  if (known2 && known2.maker === maker && medium.length === 0 && known2.medium.length === 0) return known2.all;
  const label = dish.brought?.sealed === true ? dish.brought.label : void 0;
  const named3 = label ? lines.filter((each) => each.level === "contained").map((each) => each.about.kind === "food" ? { ...each, about: { ...each.about, claims: label.claims } } : each) : lines;
  const all = [...named3, ...maker, ...medium];
  joinedLists.set(lines, { maker, medium, all });
  return all;
}
function judgeDish(occasion, dish, knowledge) {
  const made = dish.versions.map((version) => {
    const recipe = versionRecipe(occasion, dish, version);
    return { version, recipe, evidence: dishEvidence(occasion, dish, recipe, knowledge) };
  });
  const cells = /* @__PURE__ */ new Map();
  for (const guest of occasion.guests) {
    const version = versionFor(dish, guest);
    const { evidence } = made.find((each) => each.version.id === version.id);
    const judgement = judge(guest, evidence);
    const served3 = judgement.verdict !== "conflict" && !dish.notFor.includes(guest.id);
    cells.set(guest.id, { guest: guest.id, dish: dish.id, version: version.id, judgement, served: served3 });
  }
  const versions = made.map((each) => ({
    ...each,
    eaters: [...cells.values()].filter((cell) => cell.version === each.version.id && cell.served).map((cell) => cell.guest)
  }));
  return { dish, versions, cells };
}
function plateOf(occasion, guest, rows) {
  const courses = occasion.courses.map((course) => {
    const mine = rows.filter((row) => row.dish.course === course.id).map((row) => row.cells.get(guest.id)).filter((cell) => cell.served);
    const count = (verdict) => mine.filter((cell) => cell.judgement.verdict === verdict).length;
    const hopeful = mine.filter((cell) => cell.judgement.verdict === "check" && cell.judgement.reasons.every((reason) => reason.settles !== "nothing")).length;
    return { course: course.id, enough: course.enough, clear: count("clear"), check: count("check"), hopeful };
  });
  const state = courses.every((c) => c.clear >= c.enough) ? "full" : courses.every((c) => c.clear + c.hopeful >= c.enough) ? "checks" : "short";
  return { guest: guest.id, courses, state };
}
function fit(occasion) {
  const knowledge = knowledgeOf(occasion);
  const rows = occasion.dishes.map((dish) => judgeDish(occasion, dish, knowledge));
  return { rows, plates: occasion.guests.map((guest) => plateOf(occasion, guest, rows)) };
}

// packages/core/src/scale/lines.ts
var patterns = new Map(scalingRules.map((rule) => [rule.id, rule.words === void 0 ? void 0 : new RegExp(rule.words, "i")]));
function bentFactor({ from: from2, exponent }, factor) {
  if (factor > from2) return from2 * (factor / from2) ** exponent;
  if (factor < 1 / from2 && factor > 0) return (factor * from2) ** exponent / from2;
  return factor;
}
function ruleFor(recipe, line) {
  if (!line.food) return void 0;
  const words = () => [line.text, ...recipe.steps.filter((step) => step.uses.includes(line.id)).map((step) => `${step.title}. ${step.text}`)].join(". ");
  let role;
  return scalingRules.find((rule) => {
    if (rule.foods.length > 0 && !rule.foods.includes(line.food)) return false;
    if (rule.roles.length > 0 && !rule.roles.includes(role ??= line.role ?? likelyRole(line.food, words()))) return false;
    const pattern = patterns.get(rule.id);
    return pattern === void 0 || pattern.test(words());
  });
}
function scaleLine(recipe, line, factor, wholeFactor = factor) {
  const straight = scaleAmount(line.amount, factor);
  const food = line.food ? foodOf(line.food) : void 0;
  const rule = line.amount.kind === "words" || wholeFactor <= 0 ? void 0 : ruleFor(recipe, line);
  const bend = rule ? bentFactor(rule, wholeFactor) / wholeFactor : 1;
  if (!rule || Math.abs(bend - 1) < 5e-3) return { line, amount: straight, massG: massOf(straight, food) };
  const amount = scaleAmount(straight, bend);
  return { line, amount, massG: massOf(amount, food), bent: { rule, straight } };
}

// packages/core/src/scale/portions.ts
var appetitePortions = { child: 0.6, adult: 1, "big-eater": 1.4 };
function scale(occasion, table3) {
  const appetite = new Map(occasion.guests.map((guest) => [guest.id, appetitePortions[guest.appetite]]));
  return table3.rows.flatMap(({ dish, versions }) => {
    const made = versions.filter((each) => each.eaters.length > 0);
    const portionsOf = made.map(({ version, eaters }, index) => eaters.reduce((sum, id) => sum + appetite.get(id), 0) * dish.share + version.extraPortions + (index === 0 ? dish.extraPortions : 0));
    const dishFactor = made.reduce((sum, { recipe }, index) => sum + portionsOf[index] / recipe.portions, 0);
    return made.map(({ version, recipe, eaters }, index) => {
      const portions = portionsOf[index];
      const factor = portions / recipe.portions;
      return { dish: dish.id, version: version.id, recipe, eaters, portions, factor, dishFactor, lines: recipe.lines.map((line) => scaleLine(recipe, line, factor, dishFactor)) };
    });
  });
}

// packages/core/src/tasks/batches.ts
function sharedSteps(recipe, swapped) {
  const before2 = ancestry(recipe);
  const same = (id) => recipe.steps.filter((step) => before2.get(id).has(step.id)).every((step) => step.uses.every((line) => !swapped.has(line)));
  const shared2 = /* @__PURE__ */ new Set();
  for (const point of recipe.steps.filter((step) => step.splitPoint)) {
    for (const id of before2.get(point.id)) if (same(id)) shared2.add(id);
  }
  return shared2;
}
function dishBatches(occasion, made) {
  return occasion.dishes.flatMap((dish) => {
    const versions = made.filter((each) => each.dish === dish.id);
    if (versions.length === 0) return [];
    const recipe = recipeOf(occasion, dish);
    const swapped = new Set(dish.versions.filter((each) => versions.some((one) => one.version === each.id)).flatMap((each) => each.swaps.map((swap) => swap.line)));
    const shared2 = versions.length > 1 ? sharedSteps(recipe, swapped) : /* @__PURE__ */ new Set();
    const base = shared2.size === 0 ? [] : [{
      id: `${dish.id}.base`,
      dish: dish.id,
      versions: versions.map((each) => each.version),
      portions: versions.reduce((sum, each) => sum + each.portions, 0),
      factor: versions.reduce((sum, each) => sum + each.factor, 0),
      dishFactor: versions[0].dishFactor,
      eaters: versions.flatMap((each) => each.eaters),
      recipe,
      steps: recipe.steps.filter((step) => shared2.has(step.id)).map((step) => step.id)
    }];
    return [...base, ...versions.map((each) => ({
      id: `${dish.id}.${each.version}`,
      dish: dish.id,
      versions: [each.version],
      base: base[0]?.id,
      portions: each.portions,
      factor: each.factor,
      dishFactor: each.dishFactor,
      eaters: each.eaters,
      recipe: each.recipe,
      steps: each.recipe.steps.filter((step) => !shared2.has(step.id)).map((step) => step.id)
    }))];
  });
}
function usesOf(occasion, batches) {
  return batches.flatMap((batch) => {
    const dish = occasion.dishes.find((each) => each.id === batch.dish);
    if (dish.brought) return [];
    const version = dish.versions.find((each) => each.id === batch.versions[0]);
    return versionParts(occasion, dish, version).filter((part) => part.made.steps.length > 0 && [...stepsOfPart(part).keys()].every((step) => batch.steps.includes(step))).map((part) => ({ batch: batch.id, dish: batch.dish, versions: batch.versions, part }));
  });
}
function clustersOf(uses, servedAt) {
  const clusters = [];
  for (const use of [...uses].sort((a, b) => servedAt(a.dish) - servedAt(b.dish))) {
    const open = clusters.at(-1);
    if (open && servedAt(use.dish) - servedAt(open[0].dish) + rules.sharedKeepsLongerMin <= partKeepsMin(use.part.recipe)) open.push(use);
    else clusters.push([use]);
  }
  return clusters.filter((cluster) => cluster.length > 1);
}
var depthOf = (recipe, find) => 1 + Math.max(0, ...recipe.lines.flatMap((line) => {
  const part = line.component && find(line.component);
  return part ? [depthOf(part, find)] : [];
}));
function groupsOf(occasion, batches) {
  const find = (id) => occasion.recipes.find((each) => each.id === id);
  const offsets = new Map(occasion.courses.map((course) => [course.id, course.offsetMin]));
  const servedAt = (id) => offsets.get(occasion.dishes.find((dish) => dish.id === id).course);
  const bySame = /* @__PURE__ */ new Map();
  for (const use of usesOf(occasion, batches)) bySame.set(use.part.sameAs, [...bySame.get(use.part.sameAs) ?? [], use]);
  const order = [...bySame.values()].filter((uses) => uses.length > 1).map((uses) => ({ uses, depth: depthOf(uses[0].part.recipe, find) })).sort((a, b) => b.depth - a.depth);
  const gathered = [];
  const within2 = (use) => gathered.some((outer) => outer.batch === use.batch && outer.part.path.length < use.part.path.length && outer.part.path.every((line, at3) => line === use.part.path[at3]));
  return order.flatMap(({ uses }) => {
    const clusters = clustersOf(uses.filter((use) => !within2(use)), servedAt);
    if (!occasion.wishes.apart.includes(uses[0].part.recipe.id)) gathered.push(...clusters.flat());
    return clusters;
  });
}
function shared(occasion, uses, batches, taken) {
  const [first] = uses;
  const { made } = first.part;
  const factor = uses.reduce((sum, use) => sum + use.part.batches * batches.find((each) => each.id === use.batch).factor, 0);
  const eaters = new Set(uses.flatMap((use) => batches.find((each) => each.id === use.batch).eaters));
  let id = `shared:${made.id}`;
  for (let n = 2; taken.includes(id); n++) id = `shared:${made.id}-${n}`;
  return {
    id,
    dish: first.dish,
    versions: first.versions,
    into: uses,
    portions: factor * made.portions,
    factor,
    dishFactor: factor,
    eaters: occasion.guests.flatMap((guest) => eaters.has(guest.id) ? [guest.id] : []),
    recipe: made,
    steps: made.steps.map((step) => step.id),
    doneIn: new Map(made.steps.map((step) => [step.id, { batch: id, step: step.id }])),
    heldIn: /* @__PURE__ */ new Map(),
    lineage: [id]
  };
}
function linked(batch, base, components) {
  const doneIn = new Map(batch.recipe.steps.map((step) => [step.id, { batch: base?.steps.includes(step.id) ? base.id : batch.id, step: step.id }]));
  const heldIn = /* @__PURE__ */ new Map();
  const lineage = /* @__PURE__ */ new Set([batch.id, ...base ? [base.id] : []]);
  for (const component of components) {
    for (const { batch: user, part } of component.into) {
      if (user !== batch.id && user !== base?.id) continue;
      lineage.add(component.id);
      for (const [step, own] of stepsOfPart(part)) doneIn.set(step, { batch: component.id, step: own });
      for (const [as, own] of kitOfPart(part)) heldIn.set(as, { batch: component.id, as: own });
    }
  }
  return { ...batch, into: [], steps: batch.steps.filter((step) => doneIn.get(step).batch === batch.id), doneIn, heldIn, lineage: [...lineage] };
}
function batchesOf(occasion, made) {
  const dishes = dishBatches(occasion, made);
  const groups = groupsOf(occasion, dishes);
  const apart = (uses) => occasion.wishes.apart.includes(uses[0].part.recipe.id);
  const components = [];
  for (const uses of groups) if (!apart(uses)) components.push(shared(occasion, uses, dishes, components.map((each) => each.id)));
  const byId4 = new Map(dishes.map((batch) => [batch.id, batch]));
  return {
    batches: [...components, ...dishes.map((batch) => linked(batch, batch.base ? byId4.get(batch.base) : void 0, components))],
    shareable: groups.map((uses) => ({ recipe: uses[0].part.recipe.id, name: uses[0].part.recipe.name, dishes: [...new Set(uses.map((use) => use.dish))], apart: apart(uses) }))
  };
}

// packages/core/src/tasks/network.ts
function marksOf(recipe, lineId, occasion) {
  const line = recipe.lines.find((each) => each.id === lineId);
  if (!line) return [];
  const unknownKitchen = occasion.dishes.some((dish) => dish.recipe === recipe.id && dish.brought && !dish.brought.sealed) ? ["unread"] : [];
  return [...unknownKitchen, ...lineEvidence(line, knowledgeOf(occasion)).flatMap(({ about }) => {
    switch (about.kind) {
      case "hazard":
        return [about.hazard];
      case "unread":
      case "unknown":
        return ["unread"];
      case "food":
      case "unlisted":
      case "kitchen":
        return [];
      default:
        return about;
    }
  })];
}
var safeCore = (mark) => mark === "unread" ? void 0 : hazardOf(mark).safeCoreC;
function cookedBy(recipe, before2, from2, at3, safeC) {
  return recipe.steps.some((step) => step.coreC !== void 0 && step.coreC >= safeC && before2.get(step.id).has(from2) && before2.get(at3.id).has(step.id) && (step.id !== at3.id || step.hands === "off"));
}
function carriesOf(batch, step, occasion) {
  const before2 = ancestry(batch.recipe);
  const found = /* @__PURE__ */ new Map();
  for (const earlier2 of batch.recipe.steps) {
    if (!before2.get(step.id).has(earlier2.id)) continue;
    const origin = batch.doneIn.get(earlier2.id).batch;
    for (const line of earlier2.uses) {
      for (const mark of marksOf(batch.recipe, line, occasion)) {
        const safeC = safeCore(mark);
        if (safeC !== void 0 && cookedBy(batch.recipe, before2, earlier2.id, step, safeC)) continue;
        found.set(`${mark}/${origin}`, { mark, origin });
      }
    }
  }
  return [...found.values()];
}
var rawMarks = hazards.filter((hazard) => hazard.kind === "raw").map((hazard) => hazard.id);
function dustOf(batch, step, occasion) {
  if (!step.looseFlour) return [];
  const before2 = ancestry(batch.recipe);
  const beside = batch.recipe.steps.filter((each) => each.id === step.id || batch.steps.includes(each.id) && !before2.get(each.id).has(step.id));
  const all = new Map(beside.flatMap((each) => carriesOf(batch, each, occasion).filter(({ mark }) => each === step || !rawMarks.includes(mark))).map((each) => [`${each.mark}/${each.origin}`, each]));
  return [...all.values()].filter(({ mark }) => mark !== "unread");
}
function guardsOf(occasion, batch, others, step) {
  const guards = [];
  const exempt = batch.lineage;
  const byMark = /* @__PURE__ */ new Map();
  for (const guest of occasion.guests) {
    if (!batch.eaters.includes(guest.id)) continue;
    const kept = noTraceHazards(guest);
    for (const mark of kept) byMark.set(mark, [...byMark.get(mark) ?? [], guest.id]);
    if (kept.size > 0) byMark.set("unread", [...byMark.get("unread") ?? [], guest.id]);
  }
  for (const [mark, guests] of byMark) guards.push({ mark, exempt, guests });
  const takers = others.filter((each) => each.id !== batch.id && each.lineage.includes(batch.id));
  const finishing = takers.length === 0 ? [batch] : takers.filter((each) => !takers.some((one) => one !== each && one.lineage.includes(each.id)));
  for (const mark of rawMarks) {
    const cooked2 = finishing.every((each) => {
      const before2 = ancestry(each.recipe);
      const here = [...each.doneIn].flatMap(([id, done]) => done.batch === batch.id && done.step === step.id ? [id] : []);
      return here.every((id) => each.recipe.steps.some((later2) => later2.coreC !== void 0 && later2.coreC >= safeCore(mark) && before2.get(later2.id).has(id)));
    });
    if (!cooked2) guards.push({ mark, exempt: [], guests: batch.eaters });
    else if (mark !== "unread" && hazardOf(mark).washAlways) guards.push({ mark, exempt, guests: batch.eaters });
  }
  return guards;
}
function durationOf(step, factor) {
  const grow = step.grows && step.hands === "on" ? Math.max(0.5, factor ** rules.handsOnExponent) : 1;
  const minutes = (value) => Math.max(1, Math.round(value * grow));
  return { least: minutes(step.durationMin.least), planned: minutes(step.durationMin.likely), most: minutes(step.durationMin.most) };
}
function attentionOf(step, plannedMin) {
  if (step.hands === "on") return [];
  const hot = step.oven !== void 0 || step.burner;
  const own = step.attention.map((point) => ({ ...point, atMin: Math.max(1, Math.min(point.atMin, plannedMin - point.takesMin - (hot ? 1 : 0))) }));
  const start = { atMin: 0, takesMin: 1, what: step.oven ? "into the oven" : step.burner ? "on to the heat" : "set it going" };
  const lasting = own.some((point) => point.atMin + point.takesMin >= plannedMin - 1);
  const end = hot && !lasting ? [{ atMin: Math.max(1, plannedMin - 1), takesMin: 1, what: step.oven ? "look, and out of the oven" : "look, and off the heat" }] : [];
  return [start, ...own, ...end];
}
function wayOf(step, batch, id) {
  const durationMin = durationOf(step, batch.factor);
  return { id, bentC: 0, durationMin, hands: step.hands, attention: attentionOf(step, durationMin.planned), kit: step.kit.map((use) => heldBy(batch, use)), oven: step.oven, burner: step.burner };
}
function heldBy(batch, use) {
  if (use.as === void 0) return use;
  const { batch: holder, as } = batch.heldIn.get(use.as) ?? { batch: batch.id, as: use.as };
  return { ...use, hold: `${holder}/${use.kind}/${as}` };
}
function bentWays(way, step, meat) {
  const { oven } = way;
  if (!oven || oven.grill || oven.toleranceC < 10 || way.hands === "on") return [];
  return [-rules.ovenBendsC, rules.ovenBendsC].flatMap((bentC) => {
    const temperatureC = oven.temperatureC + bentC;
    if (temperatureC < rules.bakingSurfaceC + 35 || meat && temperatureC - oven.toleranceC < rules.meatRoastsAtC) return [];
    const factor = bentTimeFactor(oven.temperatureC, bentC);
    const longer = (minutes) => Math.max(1, Math.round(minutes * factor));
    const durationMin = { least: longer(way.durationMin.least), planned: longer(way.durationMin.planned), most: longer(way.durationMin.most) };
    return [{ ...way, bentC, durationMin, attention: attentionOf(step, durationMin.planned), oven: { ...oven, temperatureC } }];
  });
}
function choresOf(ways, carries) {
  const chores = [];
  if (ways.some((way) => way.kit.some((use) => use.kind === "knife"))) chores.push("knives");
  if (ways.some((way) => way.oven !== void 0 || way.burner)) chores.push("heat");
  if (carries.some(({ mark }) => mark !== "unread" && hazardOf(mark).washAlways)) chores.push("raw");
  return chores;
}
function tasksOf(occasion, table3) {
  const { batches, shareable } = batchesOf(occasion, scale(occasion, table3));
  const serveAt = new Map(occasion.courses.map((course) => [course.id, course.offsetMin]));
  const tasks2 = batches.flatMap((batch) => {
    const dish = occasion.dishes.find((each) => each.id === batch.dish);
    const followed = new Set(batch.recipe.steps.flatMap((_, index) => followsOf(batch.recipe, index).map((link) => link.step)));
    return batch.recipe.steps.flatMap((step, index) => {
      if (!batch.steps.includes(step.id)) return [];
      const carries = carriesOf(batch, step, occasion);
      const usual2 = wayOf(step, batch);
      const meat = carries.some(({ mark }) => mark !== "unread" && hazardOf(mark).kind === "raw") || step.coreC !== void 0;
      const ways = [usual2, ...bentWays(usual2, step, meat), ...step.alternatives.map((other) => wayOf(inOtherWay(step, other), batch, other.id))];
      return [{
        id: `${batch.id}.${step.id}`,
        batch: batch.id,
        step,
        title: step.title,
        durationMin: usual2.durationMin,
        attention: usual2.attention,
        ways,
        chores: choresOf(ways, carries),
        kit: usual2.kit,
        oven: step.oven,
        carries,
        dust: dustOf(batch, step, occasion),
        guards: guardsOf(occasion, batch, batches, step),
        after: followsOf(batch.recipe, index).map((link) => {
          const done = batch.doneIn.get(link.step);
          return { task: `${done.batch}.${done.step}`, leastMin: link.leastMin, mostMin: link.mostMin };
        }),
        serve: followed.has(step.id) || batch.into.length > 0 ? void 0 : { atMin: serveAt.get(dish.course), mostHoldMin: batch.recipe.hold.mostMin }
      }];
    });
  });
  return { batches, tasks: tasks2, shareable };
}

// packages/core/src/schedule/problem.ts
function better(a, b) {
  for (let i = 0; i < a.length; i++) {
    if (a[i] !== b[i]) return a[i] < b[i];
  }
  return false;
}

// packages/core/src/schedule/chamber.ts
var temperatureOf = (stretch) => Math.min(stretch.highC, Math.max(stretch.lowC, Math.round(stretch.wishSumC / stretch.count / 5) * 5));
var stretchOf = (start, end, { lowC, highC, wishC, alone }) => ({ start, end, lowC, highC, wishSumC: wishC, count: 1, alone });
var join = (a, b) => ({
  start: Math.min(a.start, b.start),
  end: Math.max(a.end, b.end),
  lowC: Math.max(a.lowC, b.lowC),
  highC: Math.min(a.highC, b.highC),
  wishSumC: a.wishSumC + b.wishSumC,
  count: a.count + b.count,
  alone: a.alone || b.alone
});
function changeMin(fromC, toC, chamber) {
  return Math.ceil(toC >= fromC ? (toC - fromC) / chamber.heatsCPerMin : (fromC - toC) / chamber.coolsCPerMin);
}
var offAfterMin = 90;
var Contents = class {
  constructor(chamber) {
    this.chamber = chamber;
  }
  chamber;
  loads = [];
  /** Disjoint, the earliest first. */
  stretches = [];
  /**
   * Whether a load could be in it in [start, end) with regard to heat: undefined where it could; otherwise the latest end,
   * before this one, that is worth a try.
   */
  refuses(start, end, use) {
    let merged = stretchOf(start, end, use);
    let before2;
    let after;
    for (const stretch of this.stretches) {
      if (stretch.end <= start) before2 = stretch;
      else if (stretch.start >= end) {
        after = stretch;
        break;
      } else merged = join(merged, stretch);
    }
    if (merged.lowC > merged.highC || merged.count > 1 && merged.alone) return Math.min(end - 1, this.clearOf(start, end));
    const atC = temperatureOf(merged);
    const otherwise = Math.max(this.clearOf(start, end), before2 ? before2.end + (end - start) - 1 : -Infinity);
    if (after && merged.end + changeMin(atC, temperatureOf(after), this.chamber) > after.start) {
      const inTime3 = merged.end === end ? after.start - changeMin(atC, temperatureOf(after), this.chamber) : -Infinity;
      return Math.min(end - 1, Math.max(inTime3, otherwise));
    }
    if (before2 && before2.end + changeMin(temperatureOf(before2), atC, this.chamber) > merged.start) return Math.min(end - 1, otherwise);
    return void 0;
  }
  /** The latest start of a load in the way: before it, there is one less. */
  clearOf(start, end) {
    let latest2 = -Infinity;
    for (const load of this.loads) if (load.start < end && load.end > start) latest2 = Math.max(latest2, load.start);
    return latest2;
  }
  add(load) {
    this.loads = [...this.loads, load];
    const apart = [];
    let merged = stretchOf(load.start, load.end, load.use);
    for (const stretch of this.stretches) {
      if (stretch.end <= load.start || stretch.start >= load.end) apart.push(stretch);
      else merged = join(merged, stretch);
    }
    this.stretches = [...apart, merged].sort((a, b) => a.start - b.start);
  }
  remember() {
    const { loads, stretches } = this;
    return () => {
      this.loads = loads;
      this.stretches = stretches;
    };
  }
  /** When it is turned to what. */
  heats(number2) {
    return this.stretches.map((stretch, index) => {
      const before2 = this.stretches[index - 1];
      const temperatureC = temperatureOf(stretch);
      const fromCold = changeMin(this.chamber.roomC, temperatureC, this.chamber);
      if (!before2) return { chamber: number2, startMin: stretch.start - fromCold, readyMin: stretch.start, untilMin: stretch.end, temperatureC };
      const fromBefore = changeMin(temperatureOf(before2), temperatureC, this.chamber);
      const change2 = stretch.start - before2.end <= offAfterMin ? fromBefore : Math.max(fromCold, fromBefore);
      return { chamber: number2, startMin: Math.max(before2.end, stretch.start - change2), readyMin: stretch.start, untilMin: stretch.end, temperatureC };
    });
  }
};

// packages/core/src/schedule/windows.ts
var far = 2e4;
var shortest = (problem, index) => Math.min(...problem.activities[index].modes.map((mode) => mode.durationMin));
var longest = (problem, index) => Math.max(...problem.activities[index].modes.map((mode) => mode.durationMin));
function windowsOf(problem) {
  const { activities } = problem;
  const starts = activities.map((activity) => Math.max(-far, activity.notBeforeMin ?? -far));
  const early = activities.map((activity) => Math.max(-far, activity.dueMin !== void 0 && activity.mostHoldMin !== void 0 ? activity.dueMin - activity.mostHoldMin : -far));
  const ends = activities.map((activity) => Math.min(far, activity.dueMin ?? far, activity.endsByMin ?? far));
  for (let pass = 0; pass <= activities.length; pass++) {
    let changed = false;
    const raise = (list, index, to) => {
      if (to > list[index]) {
        list[index] = to;
        changed = true;
      }
    };
    const lower = (index, to) => {
      if (to < ends[index]) {
        ends[index] = to;
        changed = true;
      }
    };
    activities.forEach((activity, index) => {
      raise(early, index, starts[index] + shortest(problem, index));
      raise(starts, index, early[index] - longest(problem, index));
      for (const { activity: before2, leastMin: leastMin2, mostMin } of activity.before) {
        raise(starts, index, early[before2] + leastMin2);
        lower(before2, ends[index] - shortest(problem, index) - leastMin2);
        if (mostMin === Infinity) continue;
        raise(early, before2, starts[index] - mostMin);
        lower(index, ends[before2] + mostMin + longest(problem, index));
      }
    });
    if (!changed) break;
  }
  return starts.map((start, index) => ({ startsAtEarliest: start, endsAtEarliest: early[index], endsAtLatest: ends[index] }));
}
function provenClash(problem) {
  const { activities, units, workers, chambers } = problem;
  const windows = windowsOf(problem);
  for (const [index, activity] of activities.entries()) {
    if (activity.modes.every((mode) => mode.uses.some((use) => mode.uses.filter((each) => each.kind === use.kind).length > units.filter((unit) => unit.kind === use.kind).length))) return { kind: "no-unit", activities: [index] };
    if (activity.modes.every((mode) => mode.chamber && mode.chamber.in.length === 0)) return { kind: "no-chamber", activities: [index] };
    if (problem.flames === 0 && activity.modes.every((mode) => mode.flame)) return { kind: "no-flame", activities: [index] };
    const { startsAtEarliest, endsAtEarliest, endsAtLatest } = windows[index];
    const short = Math.max(endsAtEarliest - endsAtLatest, shortest(problem, index) - (endsAtLatest - startsAtEarliest));
    if (short > 0) return { kind: "no-time", activities: [index], shortMin: short };
    const able = activity.workers ?? [...workers.keys()];
    const there = activity.modes.some((mode) => !mode.handsOn || able.some((worker) => workers[worker].windows.some((shift) => Math.min(shift.toMin, endsAtLatest) - Math.max(shift.fromMin, startsAtEarliest) >= mode.durationMin)));
    if (!there) return { kind: "no-worker", activities: [index] };
  }
  const together2 = (one, two, between) => {
    const inTurn = (first, second) => windows[first].endsAtEarliest - windows[second].endsAtLatest + Math.min(...activities[first].modes.flatMap((from2) => activities[second].modes.map((to) => between(from2, to) + to.durationMin)));
    const [forth, opposite] = [inTurn(one, two), inTurn(two, one)];
    return forth <= opposite ? { short: forth, pair: [one, two] } : { short: opposite, pair: [two, one] };
  };
  for (let one = 0; one < activities.length; one++) {
    for (let two = one + 1; two < activities.length; two++) {
      const [a, b] = [activities[one], activities[two]];
      const chamber = sameChamber(a, b);
      if (chamber !== void 0) {
        const apart = a.modes.every((x) => b.modes.every((y) => x.chamber.lowC > y.chamber.highC || y.chamber.lowC > x.chamber.highC || x.chamber.alone || y.chamber.alone));
        const { short, pair } = together2(one, two, (from2, to) => leastChange(from2.chamber, to.chamber, chambers[chamber]));
        if (apart && short > 0) return { kind: "temperatures", activities: pair, shortMin: short };
      }
      const hands = (activity) => activity.modes.every((mode) => mode.handsOn);
      if (hands(a) && hands(b) && (workers.length === 1 || a.workers?.length === 1 && b.workers?.length === 1 && a.workers[0] === b.workers[0])) {
        const { short, pair } = together2(one, two, () => 0);
        if (short > 0) return { kind: "same-worker", activities: pair, shortMin: short };
      }
      const shared2 = a.modes.length === 1 && b.modes.length === 1 && a.modes[0].uses.some((use) => units.filter((unit) => unit.kind === use.kind).length === 1 && b.modes[0].uses.some((other) => other.kind === use.kind));
      if (shared2) {
        const { short, pair } = together2(one, two, () => 0);
        if (short > 0) return { kind: "same-unit", activities: pair, shortMin: short };
      }
    }
  }
  return tooMuchWork(problem, windows);
}
function sameChamber(a, b) {
  const only = new Set([...a.modes, ...b.modes].map((mode) => mode.chamber?.in.length === 1 ? mode.chamber.in[0] : -1));
  const [first] = only;
  return only.size === 1 && first !== void 0 && first >= 0 ? first : void 0;
}
function leastChange(from2, to, chamber) {
  if (from2.highC < to.lowC) return changeMin(from2.highC, to.lowC, chamber);
  return from2.lowC > to.highC ? changeMin(from2.lowC, to.highC, chamber) : 0;
}
var mostByThrees = 160;
function tooMuchWork(problem, windows) {
  const { activities, workers } = problem;
  const hands = activities.flatMap((activity, index) => activity.modes.every((mode) => mode.handsOn) ? [{ index, work: shortest(problem, index), ...windows[index] }] : []);
  if (hands.length > mostByThrees) return void 0;
  for (const from2 of new Set(hands.map((each) => each.startsAtEarliest))) {
    for (const to of new Set(hands.map((each) => each.endsAtLatest))) {
      if (to <= from2) continue;
      const inside = hands.filter((each) => each.startsAtEarliest >= from2 && each.endsAtLatest <= to);
      const work = inside.reduce((sum, each) => sum + each.work, 0);
      const there = workers.reduce((sum, worker) => sum + worker.windows.reduce((total, shift) => total + Math.max(0, Math.min(shift.toMin, to) - Math.max(shift.fromMin, from2)), 0), 0);
      if (work > there) return { kind: "too-much-work", activities: inside.map((each) => each.index), fromMin: from2, toMin: to, shortMin: work - there };
    }
  }
  return void 0;
}

// packages/core/src/schedule/bound.ts
function lowerBoundMin(problem) {
  const { activities, dayStartsMin } = problem;
  const lastDue = Math.max(0, ...activities.flatMap((activity) => activity.dueMin ?? []));
  const least = activities.map((activity) => Math.min(...activity.modes.map((mode) => mode.durationMin)));
  const order = backwards(problem);
  const tail = activities.map((activity) => activity.dueMin === void 0 ? 0 : lastDue - activity.dueMin);
  for (const index of order) {
    for (const link of activities[index].before) {
      tail[link.activity] = Math.max(tail[link.activity], tail[index] + least[index] + link.leastMin);
    }
  }
  const windows = windowsOf(problem);
  const today = activities.map((activity, index) => windows[index].startsAtEarliest >= dayStartsMin && activity.modes.every((mode) => mode.handsOn || mode.attention.some((point) => point.atMin === 0)));
  const head = activities.map(() => 0);
  for (const index of [...order].reverse()) {
    for (const link of activities[index].before) if (today[link.activity]) head[index] = Math.max(head[index], head[link.activity] + least[link.activity] + link.leastMin);
  }
  let bound = 0;
  activities.forEach((_, index) => {
    if (today[index]) bound = Math.max(bound, head[index] + least[index] + tail[index]);
  });
  for (const { capacity, needs } of resources(problem)) {
    const users = needs.filter((each) => today[each.activity]);
    bound = Math.max(bound, capacityBound(users.map((each) => ({ head: head[each.activity], work: least[each.activity] * each.amount, tail: tail[each.activity] })), capacity));
  }
  return Math.ceil(bound);
}
function backwards({ activities }) {
  const waiting = activities.map(() => 0);
  for (const activity of activities) for (const link of activity.before) waiting[link.activity]++;
  const order = activities.flatMap((_, index) => waiting[index] === 0 ? [index] : []);
  for (let i = 0; i < order.length; i++) for (const link of activities[order[i]].before) if (--waiting[link.activity] === 0) order.push(link.activity);
  return order;
}
function resources({ activities, workers, units, chambers, flames }) {
  const found = [];
  const add = (capacity, amountOf) => {
    const needs = activities.flatMap((activity, index) => {
      const amount = amountOf(activity);
      return amount > 0 ? [{ activity: index, amount }] : [];
    });
    if (capacity > 0 && needs.length > 1) found.push({ capacity, needs });
  };
  const always = (activity, amount) => Math.min(...activity.modes.map(amount));
  add(workers.length, (activity) => always(activity, (mode) => mode.handsOn ? 1 : 0));
  workers.forEach((_, worker) => add(1, (activity) => activity.workers?.length === 1 && activity.workers[0] === worker ? always(activity, (mode) => mode.handsOn ? 1 : 0) : 0));
  for (const kind of new Set(units.map((unit) => unit.kind))) add(units.filter((unit) => unit.kind === kind).length, (activity) => always(activity, (mode) => mode.uses.filter((use) => use.kind === kind).length));
  add(chambers.reduce((sum, chamber) => sum + chamber.shelves, 0), (activity) => always(activity, (mode) => mode.chamber ? Math.min(mode.chamber.shelves, ...mode.chamber.in.map((each) => chambers[each].shelves)) : 0));
  add(flames, (activity) => always(activity, (mode) => mode.flame ? 1 : 0));
  return found;
}
function capacityBound(users, capacity) {
  let bound = 0;
  const tails = [...new Set(users.map((each) => each.tail))];
  for (const head of new Set(users.map((each) => each.head))) {
    for (const tail of tails) {
      let work = 0;
      for (const each of users) if (each.head >= head && each.tail >= tail) work += each.work;
      if (work > 0) bound = Math.max(bound, head + work / capacity + tail);
    }
  }
  return bound;
}

// packages/core/src/schedule/score.ts
var lastMin = 30;
function scoreOf(problem, placed, washes) {
  const figures = figuresOf(problem, placed, washes);
  return problem.goals.map((goal) => figures[goal]);
}
function figuresOf(problem, placed, washes) {
  const { activities, dayStartsMin } = problem;
  let first = Infinity;
  let lastDue = 0;
  let calm = 0;
  let held = 0;
  let bent2 = 0;
  for (const each of placed) {
    const { dueMin } = activities[each.activity];
    if (dueMin !== void 0) {
      lastDue = Math.max(lastDue, dueMin);
      held += Math.max(0, dueMin - each.endMin);
    }
    if (activities[each.activity].modes[each.mode].bent) bent2++;
    if (each.worker >= 0) {
      if (each.startMin >= dayStartsMin) first = Math.min(first, each.startMin);
      calm += Math.max(0, Math.min(each.endMin, 0) - Math.max(each.startMin, -lastMin));
    }
    for (const point of each.attention) if (point.startMin >= dayStartsMin) first = Math.min(first, point.startMin);
  }
  return {
    washes: washes.length,
    washMin: washes.reduce((sum, wash) => sum + wash.endMin - wash.startMin, 0),
    day: first === Infinity ? 0 : lastDue - first,
    calm,
    held,
    bent: bent2
  };
}
var weights = { washes: 30, bent: 25, washMin: 1, day: 1, calm: 0.5, held: 0.02 };
var places = [16, 8, 4, 2, 1, 0.5];
var usual = { washes: 0, bent: 1, washMin: 2, day: 3, calm: 4, held: 5 };
function energyOf(problem, score) {
  return problem.goals.reduce((sum, goal, at3) => sum + score[at3] * weights[goal] * (places[at3] / places[usual[goal]]), 0);
}

// packages/core/src/schedule/search.ts
var isStuck = (result) => "why" in result;
var asBuilt = (leaning, table3) => ({ table: table3, leaning: { ...leaning, line: Int32Array.from(table3.placed, (each) => each.activity) } });
var inTime = (leaning, table3) => ({ table: table3, leaning: { ...leaning, line: Int32Array.from([...table3.placed].sort((a, b) => b.endMin - a.endMin), (each) => each.activity) } });

// packages/core/src/schedule/busy.ts
var Busy = class {
  starts = [];
  ends = [];
  owners = [];
  /** The start of the earliest interval, or Infinity. */
  get first() {
    return this.starts.length > 0 ? this.starts[this.starts.length - 1] : Infinity;
  }
  /** The place of the latest interval that starts before a moment. */
  from(moment) {
    let high = this.starts.length;
    if (high === 0 || moment <= this.starts[high - 1]) return high;
    let low = 0;
    while (low < high) {
      const mid = low + high >> 1;
      if (this.starts[mid] < moment) high = mid;
      else low = mid + 1;
    }
    return low;
  }
  add(start, end, owner) {
    if (start < this.first) {
      this.starts.push(start);
      this.ends.push(end);
      this.owners.push(owner);
      return;
    }
    const at3 = this.from(start);
    this.starts.splice(at3, 0, start);
    this.ends.splice(at3, 0, end);
    this.owners.splice(at3, 0, owner);
  }
  remove(start) {
    const at3 = this.starts.indexOf(start);
    this.starts.splice(at3, 1);
    this.ends.splice(at3, 1);
    this.owners.splice(at3, 1);
  }
  /** The start of the latest interval that overlaps [start, end), or undefined where it is free. */
  clash(start, end) {
    const at3 = this.from(end);
    return at3 < this.starts.length && this.ends[at3] > start ? this.starts[at3] : void 0;
  }
  /** The latest end, at most `end`, of a free stretch of this length. */
  latestGap(end, length) {
    let latest2 = end;
    for (let at3 = this.from(end); at3 < this.starts.length && this.ends[at3] > latest2 - length; at3++) latest2 = this.starts[at3];
    return latest2;
  }
  /** The end of the latest interval that overlaps [start, end), or undefined where it is free. */
  blockedUntil(start, end) {
    const at3 = this.from(end);
    return at3 < this.starts.length && this.ends[at3] > start ? this.ends[at3] : void 0;
  }
  /** Whose interval starts at a moment. */
  ownerAt(start) {
    return this.owners[this.starts.indexOf(start)] ?? -1;
  }
};
function mostAtOnce(intervals, start, end) {
  let most = 0;
  for (const each of intervals) {
    if (each.start >= end || each.end <= start) continue;
    const at3 = Math.max(each.start, start);
    let count = 0;
    for (const other of intervals) if (other.start <= at3 && other.end > at3) count++;
    most = Math.max(most, count);
  }
  return most;
}

// packages/core/src/schedule/surface.ts
var Surface = class {
  /** @param nothing the demand that asks nothing */
  constructor(nothing2) {
    this.nothing = nothing2;
  }
  nothing;
  uses = [];
  /** Stretches in which food stays on it between two uses. */
  stays = [];
  hold;
  /** The first use or wash that starts at or after a moment. */
  next(at3) {
    for (let i = this.uses.length - 1; i >= 0; i--) if (this.uses[i].start >= at3) return this.uses[i];
    return void 0;
  }
  /** What the next use asks of whatever happens before it. */
  demandAt(at3) {
    return this.next(at3)?.demand ?? this.nothing;
  }
  usedBefore(at3) {
    return this.uses.length > 0 && this.uses.at(-1).start < at3;
  }
  /**
   * Where it is not free for food of the given hold (or of none) in [start, end), the start of what is in the way: a use,
   * food staying on it, or −Infinity for another open hold. Undefined where it is free.
   */
  clash(start, end, hold) {
    if (this.hold && this.hold.key !== hold && start < this.hold.end) return -Infinity;
    for (let i = this.uses.length - 1; i >= 0; i--) {
      const use = this.uses[i];
      if (use.start >= end) break;
      if (use.end > start) return use.start;
    }
    for (const stay of this.stays) if (stay.start < end && stay.end > start) return stay.start;
    return void 0;
  }
  /** Whose use starts at a moment. */
  ownerAt(start) {
    return this.uses.find((use) => use.start === start)?.activity ?? -1;
  }
  add(use) {
    let at3 = this.uses.length;
    while (at3 > 0 && this.uses[at3 - 1].start < use.start) at3--;
    this.uses.splice(at3, 0, use);
  }
  remove(use) {
    this.uses.splice(this.uses.indexOf(use), 1);
  }
  /** Food of this hold is on it from an earlier moment, not yet known, to `end`. */
  holdUntil(key2, end) {
    this.hold ??= { key: key2, end };
  }
  /** The food of this hold came on to it at `start`. */
  release(key2, start) {
    if (this.hold?.key !== key2) return;
    this.stays = [...this.stays, { start, end: this.hold.end }];
    this.hold = void 0;
  }
  get held() {
    return this.hold !== void 0;
  }
  /** Remembers what food holds it; the function it returns puts that back. */
  rememberHold() {
    const { stays, hold } = this;
    return () => {
      this.stays = stays;
      this.hold = hold;
    };
  }
};

// packages/core/src/schedule/state.ts
function emptyState(prepared, modes) {
  const { problem, nothing: nothing2, holders } = prepared;
  const { activities } = problem;
  const size = activities.length;
  const holdsLeft = /* @__PURE__ */ new Map();
  for (const index of holders) {
    for (const { hold } of activities[index].modes[modes[index]].uses) if (hold !== void 0) holdsLeft.set(hold, (holdsLeft.get(hold) ?? 0) + 1);
  }
  return {
    prepared,
    modes,
    units: problem.units.map(() => new Surface(nothing2)),
    hands: problem.workers.map(() => new Surface(nothing2)),
    busy: problem.workers.map(() => new Busy()),
    sink: new Busy(),
    chambers: problem.chambers.map((chamber) => new Contents(chamber)),
    flames: [],
    dusty: [],
    order: [],
    washes: [],
    placed: new Array(size).fill(void 0),
    food: new Array(size).fill(nothing2),
    waiting: prepared.waiting.slice(),
    holdsLeft,
    heldUnit: /* @__PURE__ */ new Map(),
    pulled: new Float64Array(size),
    blockers: new Int32Array(size).fill(-1),
    trail: void 0,
    looked: 0
  };
}
var modeOf = (state, index) => state.prepared.problem.activities[index].modes[state.modes[index]];
function takeBack(state, length) {
  const trail = state.trail;
  while (trail.length > length) trail.pop()();
}
function withDemand(state, demand, other) {
  const { sets, nothing: nothing2 } = state.prepared;
  if (demand === nothing2) return other;
  const both = demand.slice();
  for (let mark = 0; mark < both.length; mark++) {
    const theirs = other[mark];
    if (theirs < 0) continue;
    const ours = both[mark];
    if (ours !== theirs) both[mark] = ours < 0 ? theirs : sets.intersect(ours, theirs);
  }
  return both;
}
function without(demand, classes) {
  if (classes.length === 0) return demand;
  const left = demand.slice();
  for (const each of classes) left[each] = -1;
  return left;
}

// packages/core/src/schedule/demands.ts
var ExemptSets = class {
  sets = [];
  numbers = /* @__PURE__ */ new Map();
  met = /* @__PURE__ */ new Map();
  intern(origins) {
    const sorted = [...new Set(origins)].sort((a, b) => a - b);
    const key2 = sorted.join(",");
    const known2 = this.numbers.get(key2);
    if (known2 !== void 0) return known2;
    this.sets.push(new Set(sorted));
    this.numbers.set(key2, this.sets.length - 1);
    return this.sets.length - 1;
  }
  has(set, origin) {
    return this.sets[set].has(origin);
  }
  intersect(a, b) {
    if (a === b) return a;
    const key2 = a * 65536 + b;
    const known2 = this.met.get(key2);
    if (known2 !== void 0) return known2;
    const both = this.intern([...this.sets[a]].filter((origin) => this.sets[b].has(origin)));
    this.met.set(key2, both);
    return both;
  }
};
function noDemand(marks2) {
  return new Int32Array(marks2).fill(-1);
}
function addGuards(into, guards, sets) {
  for (const guard of guards) {
    const set = sets.intern(guard.exempt);
    const ours = into[guard.mark];
    into[guard.mark] = ours < 0 ? set : sets.intersect(ours, set);
  }
}
function clashes(carries, demand, sets) {
  const found = [];
  for (const { mark, origin } of carries) {
    const set = demand[mark];
    if (set >= 0 && !sets.has(set, origin) && !found.includes(mark)) found.push(mark);
  }
  return found;
}

// packages/core/src/schedule/units.ts
function pickUnits(state, index, mode, start, end) {
  const { prepared } = state;
  const { problem } = prepared;
  const { carries } = prepared.facts[index];
  if (mode.uses.length === 0) return nothing;
  const chosen2 = [];
  const left = [];
  for (const use of mode.uses) {
    const held = use.hold !== void 0 ? state.heldUnit.get(use.hold) : void 0;
    const opens = use.hold !== void 0 && held === void 0 && state.holdsLeft.get(use.hold) > 1;
    let best2 = -1;
    let bestCost = Infinity;
    let bestClashes = [];
    let dirty = false;
    let tryEnd = -Infinity;
    let blocker = -1;
    const candidates = held !== void 0 ? [held] : prepared.unitsOfKind.get(use.kind) ?? [];
    for (const unitIndex of candidates) {
      if (bestCost === 0) break;
      if (chosen2.includes(unitIndex) || use.only && !use.only.includes(unitIndex)) continue;
      const surface = state.units[unitIndex];
      const clash = surface.clash(start, held === void 0 ? end : surface.next(end)?.start ?? end, use.hold);
      if (clash !== void 0) {
        const until = held === void 0 ? Math.min(clash, end - 1) : end - 1;
        if (until > tryEnd) {
          tryEnd = until;
          blocker = surface.ownerAt(clash);
        }
        continue;
      }
      if (opens && (surface.held || surface.usedBefore(end))) continue;
      if (prepared.barredUnits[index].has(unitIndex)) continue;
      if (prepared.fearedUnits[index].has(unitIndex)) {
        dirty = true;
        continue;
      }
      const next = surface.next(end);
      const found = next ? clashes(carries, next.demand, prepared.sets) : none2;
      if (found.length > 0 && (!problem.units[unitIndex].comesClean || held !== void 0)) {
        dirty = true;
        tryEnd = Math.max(tryEnd, end - 1);
        continue;
      }
      const cost = (found.length > 0 ? 2 : 0) + (surface.usedBefore(start) ? 1 : 0);
      if (cost < bestCost) {
        best2 = unitIndex;
        bestCost = cost;
        bestClashes = found;
      }
    }
    if (best2 < 0) return { why: dirty ? "no-clean-unit" : "no-unit", tryEnd: Math.min(end - 1, tryEnd === -Infinity ? end - 5 : tryEnd), blocker };
    chosen2.push(best2);
    left.push(bestClashes);
  }
  return { units: chosen2, clashes: left };
}
var none2 = [];
var nothing = { units: [], clashes: [] };

// packages/core/src/schedule/washing.ts
var horizon = -1e4;
var longestDirtyMin = 45;
var called = (attention, worker, from2, to) => attention.some((one) => one.worker === worker && one.startMin < to && one.endMin > from2);
function washUp(state, spot) {
  const { prepared } = state;
  const { problem } = prepared;
  const { index, mode, worker, start, end, picked } = spot;
  const facts = prepared.facts[index];
  if (prepared.classes.length === 0) return { washes: none3, asked: prepared.nothing };
  const { units } = picked;
  const count = units.length;
  const surfaceAt = (at3) => at3 < count ? state.units[units[at3]] : state.hands[worker];
  const places2 = mode.handsOn ? count + 1 : count;
  let suspect = false;
  for (const unit of units) if (!problem.units[unit].comesClean && problem.units[unit].barred.length === 0) suspect = true;
  suspect &&= prepared.unknownClass >= 0;
  const carries = suspect ? [...facts.carries, { mark: prepared.unknownClass, origin: -1 }] : facts.carries;
  if (suspect && clashes(carries, state.food[index], prepared.sets).includes(prepared.unknownClass)) return { why: "no-clean-unit", tryEnd: end - 1 };
  let asked = withDemand(state, without(state.food[index], facts.ends), facts.demand);
  for (const unit of units) {
    if (problem.units[unit].barred.length === 0) continue;
    asked = asked.slice();
    for (const mark of prepared.barred[unit]) asked[mark] = prepared.nobody;
    const past2 = prepared.unknownClass;
    if (past2 >= 0 && asked[past2] !== prepared.nobody) asked[past2] = asked[past2] < 0 ? prepared.anyFood : prepared.sets.intersect(asked[past2], prepared.anyFood);
  }
  const after = [];
  const left = [];
  for (let at3 = 0; at3 < places2; at3++) {
    const next = surfaceAt(at3).next(end);
    const found = at3 < count && !suspect ? picked.clashes[at3] : next ? clashes(carries, next.demand, prepared.sets) : [];
    left.push(found);
    if (found.length > 0) after.push(at3);
    else if (next) asked = withDemand(state, asked, next.demand);
  }
  const before2 = [];
  for (let at3 = 0; at3 < places2; at3++) {
    const surface = surfaceAt(at3);
    if (surface.usedBefore(start) && !covers(state, surface.demandAt(end), asked)) before2.push(at3);
  }
  if (after.length === 0 && before2.length === 0) return { washes: none3, asked };
  const washes = [];
  const unitAt = (at3) => at3 < count ? units[at3] : -1;
  const minutes = (dirty) => dirty.reduce((sum, at3) => sum + (at3 < count ? problem.units[units[at3]].washMin : 0), problem.handsMin);
  const apart = mode.handsOn && !problem.workers[worker].washesUp;
  const inGroups = (dirty) => apart && dirty.length > 1 && dirty.includes(count) ? [dirty.filter((at3) => at3 !== count), [count]] : dirty.length > 0 ? [dirty] : [];
  if (after.some((at3) => at3 < count && !problem.units[units[at3]].comesClean)) return { why: "no-clean-unit", tryEnd: end - 1 };
  let from2 = end;
  for (const group of inGroups(after)) {
    const limit = Math.min(end + longestDirtyMin, ...group.map((at3) => surfaceAt(at3).next(end).start));
    const duration = minutes(group);
    let washer = -1;
    let slot;
    const washers = washersFor(state, spot, group.includes(count));
    for (const who of washers) {
      slot = washSlot(state, spot, who, duration, from2, limit);
      if (slot !== void 0) {
        washer = who;
        break;
      }
    }
    if (slot === void 0) return { why: "no-worker", tryEnd: Math.min(end - 1, lastSlot(state, washers, duration, limit)) };
    from2 = slot + duration;
    washes.push({
      startMin: slot,
      endMin: slot + duration,
      worker: washer,
      units: group.map(unitAt).filter((unit) => unit >= 0),
      because: group.map((at3) => ({ unit: unitAt(at3), marks: left[at3], before: surfaceAt(at3).next(end).activity }))
    });
  }
  if (before2.some((at3) => at3 < count && (!problem.units[units[at3]].comesClean || mode.uses[at3].hold !== void 0 && state.heldUnit.has(mode.uses[at3].hold)))) return { why: "no-clean-unit", tryEnd: end - 1 };
  let until = start;
  for (const group of inGroups(before2)) {
    const duration = minutes(group);
    const washFrom = until - duration;
    const inSink = state.sink.clash(washFrom, until);
    if (inSink !== void 0) return { why: "no-worker", tryEnd: Math.min(end - 1, inSink + mode.durationMin) };
    const washers = washersFor(state, spot, group.includes(count));
    const washer = washers.find((who) => state.busy[who].clash(washFrom, until) === void 0 && away(state, who, washFrom, until) === void 0 && !called(spot.attention, who, washFrom, until));
    if (washer === void 0) return { why: "no-worker", tryEnd: Math.min(end - 1, Math.max(horizon, ...washers.map((who) => state.busy[who].clash(washFrom, until) ?? start - 1)) + mode.durationMin) };
    if (group.some((at3) => at3 < count && surfaceAt(at3).clash(washFrom, start, void 0) !== void 0)) return { why: "no-unit", tryEnd: end - 1 };
    washes.push({
      startMin: washFrom,
      endMin: until,
      worker: washer,
      units: group.map(unitAt).filter((unit) => unit >= 0),
      because: group.map((at3) => {
        const then = surfaceAt(at3).demandAt(end);
        const found = [];
        asked.forEach((set, mark) => {
          if (set >= 0 && then[mark] < 0) found.push(mark);
        });
        return { unit: unitAt(at3), marks: found, before: index };
      })
    });
    until = washFrom;
  }
  return { washes, asked };
}
var none3 = [];
function washersFor(state, { mode, worker }, hands) {
  const { workers } = state.prepared.problem;
  if (hands) return [worker];
  const others = [...workers.keys()].filter((who) => workers[who].washesUp);
  return mode.handsOn && workers[worker].washesUp ? [worker, ...others.filter((who) => who !== worker)] : others;
}
function away(state, worker, start, end) {
  const { windows } = state.prepared.problem.workers[worker];
  let latest2 = horizon;
  for (const shift of windows) {
    if (shift.fromMin <= start && shift.toMin >= end) return void 0;
    if (shift.toMin < end) latest2 = Math.max(latest2, shift.toMin);
  }
  return latest2;
}
function covers(state, outer, inner) {
  const { sets } = state.prepared;
  for (let mark = 0; mark < inner.length; mark++) {
    const set = inner[mark];
    if (set >= 0 && (outer[mark] < 0 || outer[mark] !== set && sets.intersect(outer[mark], set) !== outer[mark])) return false;
  }
  return true;
}
function washSlot(state, spot, washer, duration, from2, limit) {
  const { mode, worker, start, end, attention } = spot;
  for (let at3 = from2; at3 + duration <= limit; ) {
    const to = at3 + duration;
    const blocked = state.busy[washer].blockedUntil(at3, to) ?? state.sink.blockedUntil(at3, to);
    if (blocked !== void 0) {
      at3 = blocked;
      continue;
    }
    if (mode.handsOn && washer === worker && start < to && end > at3 || called(attention, washer, at3, to) || away(state, washer, at3, to) !== void 0) {
      at3++;
      continue;
    }
    return at3;
  }
  return void 0;
}
function lastSlot(state, washers, duration, limit) {
  let latest2 = horizon;
  for (const who of washers) {
    for (let to = limit; to - duration > latest2; ) {
      const blocked = state.busy[who].clash(to - duration, to) ?? state.sink.clash(to - duration, to) ?? away(state, who, to - duration, to);
      if (blocked === void 0) {
        latest2 = to - duration;
        break;
      }
      to = blocked;
    }
  }
  return latest2;
}

// packages/core/src/schedule/place.ts
var mostLooks = 3e3;
function hits(carries, guards) {
  return carries.some(({ mark, origin }) => guards.some((guard) => guard.mark === mark && !guard.exempt.includes(origin)));
}
function dustClash(state, index, mode, start, end) {
  const { problem, facts } = state.prepared;
  const mine = facts[index];
  if (mine.dust.length > 0) {
    for (const other of state.order) {
      const there = facts[other.activity];
      if (other.startMin < end + problem.settleMin && other.endMin > start && problem.activities[other.activity].modes[other.mode].handsOn && hits(mine.dust, there.guards)) return other;
    }
  }
  if (!mode.handsOn) return void 0;
  for (const other of state.dusty) {
    if (other.startMin < end && other.endMin + problem.settleMin > start && hits(facts[other.activity].dust, mine.guards)) return other;
  }
  return void 0;
}
var unshelved = { chamber: -1, shelves: [] };
function shelve(state, index, mode, start, end) {
  const { problem, facts } = state.prepared;
  const use = mode.chamber;
  let tryEnd = horizon;
  let blocker = -1;
  for (const number2 of use.in) {
    const contents = state.chambers[number2];
    const refused = contents.refuses(start, end, use);
    const overlapping = contents.loads.filter((each) => each.start < end && each.end > start);
    if (refused !== void 0) {
      if (refused > tryEnd) {
        tryEnd = refused;
        blocker = contents.loads.find((each) => each.start >= refused && each.start <= end)?.activity ?? -1;
      }
      continue;
    }
    const { shelves: count } = problem.chambers[number2];
    const wanted = Math.min(use.shelves, count);
    for (let top = 0; top + wanted <= count; top++) {
      if (use.shelf !== void 0 && top !== use.shelf) continue;
      const shelves2 = Array.from({ length: wanted }, (_, i) => top + i);
      if (overlapping.some((each) => each.shelves.some((shelf) => shelves2.includes(shelf)))) continue;
      const drips = overlapping.some((each) => {
        const above = top < each.shelves[0];
        return above ? !use.covered && hits(facts[index].carries, facts[each.activity].guards) : !each.use.covered && hits(facts[each.activity].carries, facts[index].guards);
      });
      if (!drips) return { chamber: number2, shelves: shelves2 };
    }
    for (const load of overlapping) if (load.start > tryEnd) {
      tryEnd = load.start;
      blocker = load.activity;
    }
  }
  return { tryEnd: Math.min(tryEnd, end - 1), blocker };
}
function attend(state, index, mode, worker, start, end) {
  if (mode.attention.length === 0) return nobody;
  const able = state.prepared.able[index];
  const attention = [];
  for (let at3 = 0; at3 < mode.attention.length; at3++) {
    const point = mode.attention[at3];
    const from2 = start + point.atMin;
    const to = from2 + point.takesMin;
    let who = -1;
    let tryTo = horizon;
    for (let i = -1; i < able.length && who < 0; i++) {
      const each = i < 0 ? worker : able[i];
      if (i < 0 ? !able.includes(each) : each === worker) continue;
      const clash = state.busy[each].clash(from2, to) ?? away(state, each, from2, to);
      if (clash !== void 0) tryTo = Math.max(tryTo, clash);
      else if (called(attention, each, from2, to)) tryTo = Math.max(tryTo, to - 1);
      else who = each;
    }
    if (who < 0) return end - Math.max(1, to - tryTo);
    attention.push({ startMin: from2, endMin: to, worker: who, index: at3 });
  }
  return attention;
}
var nobody = [];
function tryPlace(state, index, worker, latest2, patienceMin) {
  const { prepared } = state;
  const { problem } = prepared;
  const activity = problem.activities[index];
  const mode = modeOf(state, index);
  let best2;
  let reason = "no-worker";
  let blocker = -1;
  let end = Math.min(latest2, activity.endsByMin ?? Infinity);
  const tooEarly = (activity.notBeforeMin ?? horizon) + mode.durationMin;
  for (let looks = 0; looks < mostLooks && end > horizon; looks++) {
    state.looked++;
    if (best2 && best2.end - end > patienceMin) return best2;
    const start = end - mode.durationMin;
    if (end < tooEarly) return best2 ?? { why: looks === 0 ? "too-early" : reason };
    if (mode.handsOn) {
      const gap = state.busy[worker].latestGap(end, mode.durationMin);
      if (gap < end) {
        blocker = state.busy[worker].ownerAt(gap);
        end = gap;
        continue;
      }
      const gone = away(state, worker, start, end);
      if (gone !== void 0) {
        end = gone;
        continue;
      }
    }
    if (prepared.anyDust) {
      const dusty = dustClash(state, index, mode, start, end);
      if (dusty) {
        blocker = dusty.activity;
        end = Math.min(prepared.facts[index].dust.length > 0 ? dusty.startMin - problem.settleMin : dusty.startMin, end - 1);
        reason = "dust";
        continue;
      }
    }
    if (mode.flame && mostAtOnce(state.flames, start, end) >= problem.flames) {
      let until = horizon;
      for (const each of state.flames) if (each.start < end && each.end > start && each.start > until) {
        until = each.start;
        blocker = each.activity;
      }
      end = Math.min(until, end - 1);
      reason = "no-flame";
      continue;
    }
    let shelved = unshelved;
    if (mode.chamber) {
      const found = shelve(state, index, mode, start, end);
      if ("tryEnd" in found) {
        end = found.tryEnd;
        blocker = found.blocker;
        reason = "no-chamber";
        continue;
      }
      shelved = found;
    }
    const attention = attend(state, index, mode, worker, start, end);
    if (typeof attention === "number") {
      end = attention;
      continue;
    }
    const picked = pickUnits(state, index, mode, start, end);
    if ("why" in picked) {
      end = picked.tryEnd;
      if (picked.blocker >= 0) ({ blocker } = picked);
      reason = picked.why;
      continue;
    }
    const washed = washUp(state, { index, mode, worker, start, end, picked, attention });
    if ("why" in washed) {
      end = washed.tryEnd;
      if (washed.why !== "no-worker") reason = washed.why;
      continue;
    }
    if (activity.dueMin !== void 0 && activity.mostHoldMin !== void 0 && activity.dueMin - end > activity.mostHoldMin) return best2 ?? { why: "stands-too-long" };
    const late = prepared.followers[index].find((next) => state.placed[next.activity].startMin - end > next.mostMin);
    if (late) return best2 ?? { why: "wait-too-long", follower: late.activity, shortMin: state.placed[late.activity].startMin - end - late.mostMin };
    const choice = { worker: mode.handsOn ? worker : -1, units: picked.units, start, end, chamber: shelved.chamber, shelves: shelved.shelves, attention, blocker, washes: washed.washes, asked: washed.asked };
    if (!best2 || choice.washes.length < best2.washes.length) best2 = choice;
    if (best2.washes.length === 0) return best2;
    end = nextChange(state, mode, worker, end);
  }
  return best2 ?? { why: reason };
}
function nextChange(state, mode, worker, end) {
  let latest2 = horizon;
  const look = ({ uses }) => {
    for (let i = uses.length - 1; i >= 0 && uses[i].start < end; i--) latest2 = Math.max(latest2, uses[i].start);
  };
  for (const use of mode.uses) for (const unit of state.prepared.unitsOfKind.get(use.kind) ?? []) look(state.units[unit]);
  if (mode.handsOn) look(state.hands[worker]);
  return latest2;
}
function commit(state, index, choice) {
  const { prepared, order, washes, flames, dusty, trail } = state;
  const activity = prepared.problem.activities[index];
  const mode = modeOf(state, index);
  const facts = prepared.facts[index];
  const { start, end } = choice;
  if (trail) {
    const [orders, washed, flaming, dusts] = [order.length, washes.length, flames.length, dusty.length];
    trail.push(() => {
      order.length = orders;
      washes.length = washed;
      flames.length = flaming;
      dusty.length = dusts;
      state.placed[index] = void 0;
    });
  }
  for (const wash of choice.washes) {
    washes.push(wash);
    takeTime(state, wash.worker, wash.startMin, wash.endMin, index);
    state.sink.add(wash.startMin, wash.endMin, index);
    trail?.push(() => state.sink.remove(wash.startMin));
    for (const { unit, before: before2 } of wash.because) {
      useSurface(state, unit >= 0 ? state.units[unit] : state.hands[wash.worker], { start: wash.startMin, end: wash.endMin, activity: before2, demand: prepared.nothing });
    }
  }
  const asked = mode.handsOn || facts.ends.length === 0 ? choice.asked : withDemand(state, without(choice.asked, facts.ends), facts.demand);
  for (let at3 = 0; at3 < mode.uses.length; at3++) {
    const unit = choice.units[at3];
    useSurface(state, state.units[unit], { start, end, activity: index, demand: asked });
    const { hold } = mode.uses[at3];
    if (hold !== void 0) takeHold(state, hold, unit, start, end);
  }
  if (choice.worker >= 0) {
    if (prepared.classes.length > 0) useSurface(state, state.hands[choice.worker], { start, end, activity: index, demand: asked });
    takeTime(state, choice.worker, start, end, index);
  }
  for (const point of choice.attention) takeTime(state, point.worker, point.startMin, point.endMin, index);
  if (mode.flame) flames.push({ start, end, activity: index });
  if (mode.chamber) {
    const load = { start, end, use: mode.chamber, shelves: choice.shelves, activity: index };
    trail?.push(state.chambers[choice.chamber].remember());
    state.chambers[choice.chamber].add(load);
  }
  const done = { activity: index, mode: state.modes[index], startMin: start, endMin: end, worker: choice.worker, units: choice.units, chamber: choice.chamber, shelves: choice.shelves, attention: choice.attention };
  state.placed[index] = done;
  state.blockers[index] = choice.blocker;
  order.push(done);
  if (facts.dust.length > 0) dusty.push(done);
  for (const link of activity.before) {
    const food = state.food[link.activity];
    trail?.push(() => {
      state.food[link.activity] = food;
      state.waiting[link.activity]++;
    });
    if (asked !== prepared.nothing) state.food[link.activity] = withDemand(state, food, asked);
    state.waiting[link.activity]--;
  }
}
function takeTime(state, worker, from2, to, owner) {
  state.busy[worker].add(from2, to, owner);
  state.trail?.push(() => state.busy[worker].remove(from2));
}
function useSurface(state, surface, use) {
  surface.add(use);
  state.trail?.push(() => surface.remove(use));
}
function takeHold(state, hold, unit, start, end) {
  const surface = state.units[unit];
  const left = state.holdsLeft.get(hold);
  const held = state.heldUnit.get(hold);
  if (state.trail) {
    const back = surface.rememberHold();
    state.trail.push(() => {
      back();
      state.holdsLeft.set(hold, left);
      if (held === void 0) state.heldUnit.delete(hold);
      else state.heldUnit.set(hold, held);
    });
  }
  state.holdsLeft.set(hold, left - 1);
  state.heldUnit.set(hold, unit);
  if (left > 1) surface.holdUntil(hold, end);
  else surface.release(hold, start);
}

// packages/core/src/schedule/prune.ts
var tables = /* @__PURE__ */ new WeakMap();
function tableOf(prepared) {
  const known2 = tables.get(prepared);
  if (known2) return known2;
  const { problem, facts, classes } = prepared;
  const origins = facts.flatMap((each) => [...each.carries.map((carry) => carry.origin), ...each.guards.flatMap((guard) => guard.exempt)]);
  const words = Math.ceil((Math.max(0, ...origins) + 2) / 32);
  const width = words * classes.length;
  const place2 = (mark, origin) => mark * words + (origin + 1 >> 5);
  const bit = (origin) => 1 << (origin + 1 & 31);
  const past2 = new Int32Array(width);
  if (prepared.unknownClass >= 0) past2[place2(prepared.unknownClass, -1)] = bit(-1);
  const table3 = {
    words,
    width,
    unknown: past2,
    carries: facts.map((each) => {
      const set = new Int32Array(width);
      for (const { mark, origin } of each.carries) set[place2(mark, origin)] = set[place2(mark, origin)] | bit(origin);
      return set;
    }),
    forbids: facts.map((each) => {
      const set = new Int32Array(width);
      for (const guard of each.guards) {
        const mine = new Int32Array(words).fill(-1);
        for (const origin of guard.exempt) mine[origin + 1 >> 5] = mine[origin + 1 >> 5] & ~bit(origin);
        for (let word = 0; word < words; word++) set[guard.mark * words + word] = set[guard.mark * words + word] | mine[word];
      }
      return set;
    }),
    suspect: problem.units.map((unit) => !unit.comesClean && unit.barred.length === 0)
  };
  tables.set(prepared, table3);
  return table3;
}
var none4 = 0;
var unknown = 1;
var Replay = class {
  constructor(prepared, placed) {
    this.prepared = prepared;
    this.table = tableOf(prepared);
    this.inTime = placed.slice().sort((a, b) => a.startMin - b.startMin);
    this.bits = new Int32Array(this.table.width * (2 + 6 * prepared.problem.activities.length));
    this.bits.set(this.table.unknown, this.table.width * unknown);
  }
  prepared;
  table;
  inTime;
  /** All bits there are, `width` words a slot: none, unknown, then for each activity what it met, what is left of it, and what a suspect unit keeps; once for what is settled and once for what is tried. */
  bits;
  start() {
    const { problem } = this.prepared;
    return {
      onUnit: Int32Array.from(this.table.suspect, (suspect) => suspect ? unknown : none4),
      onHands: new Int32Array(problem.workers.length),
      food: new Int32Array(problem.activities.length),
      done: 0
    };
  }
  copy(from2) {
    return { onUnit: from2.onUnit.slice(), onHands: from2.onHands.slice(), food: from2.food.slice(), done: from2.done };
  }
  /** Does what starts before a moment. True where something guarded is reached; the scene is then of no more use. */
  advance(scene, until, tried) {
    const { problem, facts, barred, unknownClass } = this.prepared;
    const { width, words, carries, forbids, suspect } = this.table;
    const { bits } = this;
    for (; scene.done < this.inTime.length && this.inTime[scene.done].startMin < until; scene.done++) {
      const each = this.inTime[scene.done];
      const { activity, units, worker } = each;
      const slot = 2 + 3 * activity + (tried ? 3 * problem.activities.length : 0);
      const met = slot * width;
      bits.copyWithin(met, none4, width);
      for (let u = -1; u < units.length; u++) {
        const from2 = u < 0 ? worker >= 0 ? scene.onHands[worker] : none4 : scene.onUnit[units[u]];
        if (from2 !== none4) for (let i = 0; i < width; i++) bits[met + i] = bits[met + i] | bits[from2 * width + i];
      }
      const forbidden = forbids[activity];
      for (let i = 0; i < width; i++) if ((bits[met + i] & forbidden[i]) !== 0) return true;
      for (const link of problem.activities[activity].before) {
        const from2 = scene.food[link.activity];
        if (from2 !== none4) for (let i = 0; i < width; i++) bits[met + i] = bits[met + i] | bits[from2 * width + i];
      }
      for (const unit of units) {
        if (problem.units[unit].barred.length === 0) continue;
        for (const mark of barred[unit]) for (let word = 0; word < words; word++) if (bits[met + mark * words + word] !== 0) return true;
        if (unknownClass >= 0 && (bits[met + unknownClass * words] & 1) !== 0) return true;
      }
      const own = carries[activity];
      for (let i = 0; i < width; i++) bits[met + i] = bits[met + i] | own[i];
      let left = slot;
      const { ends } = facts[activity];
      if (ends.length > 0) {
        left = slot + 1;
        bits.copyWithin(left * width, met, met + width);
        for (const mark of ends) bits.fill(0, left * width + mark * words, left * width + (mark + 1) * words);
      }
      scene.food[activity] = left;
      const stays = worker >= 0 ? slot : left;
      let kept = -1;
      for (const unit of units) {
        if (suspect[unit] && kept < 0) {
          kept = slot + 2;
          for (let i = 0; i < width; i++) bits[kept * width + i] = bits[stays * width + i] | bits[unknown * width + i];
        }
        scene.onUnit[unit] = suspect[unit] ? kept : stays;
      }
      if (worker >= 0) scene.onHands[worker] = slot;
    }
    return false;
  }
  wash(scene, wash) {
    scene.onHands[wash.worker] = none4;
    for (const unit of wash.units) scene.onUnit[unit] = none4;
  }
  /** The classes that are on a unit, or on a worker's hands (unit −1). */
  on(scene, unit, worker) {
    const { width, words } = this.table;
    const slot = unit >= 0 ? scene.onUnit[unit] : scene.onHands[worker];
    const found = /* @__PURE__ */ new Set();
    for (let i = 0; i < width; i++) if (this.bits[slot * width + i] !== 0) found.add(Math.floor(i / words));
    return [...found];
  }
  /** Whether something guarded is reached from a scene on, with the washes that still come, in the order of their ends. */
  reaches(scene, washes, next) {
    for (let i = next; i < washes.length; i++) {
      if (this.advance(scene, washes[i].endMin, true)) return true;
      this.wash(scene, washes[i]);
    }
    return this.advance(scene, Infinity, true);
  }
};
function prune(prepared, placed, washes, pieces2) {
  if (washes.length === 0) return [];
  const replay = new Replay(prepared, placed);
  const sorted = [...washes].sort((a, b) => a.endMin - b.endMin);
  const kept = [];
  const scene = replay.start();
  for (const [index, wash] of sorted.entries()) {
    if (replay.advance(scene, wash.endMin, false)) return [...washes];
    if (!replay.reaches(replay.copy(scene), sorted, index + 1)) continue;
    let now2 = wash;
    for (const unit of pieces2 ? wash.units : []) {
      const less2 = { ...now2, units: now2.units.filter((each) => each !== unit), because: now2.because.filter((each) => each.unit !== unit), endMin: now2.endMin - prepared.problem.units[unit].washMin };
      const tried = replay.copy(scene);
      replay.wash(tried, less2);
      if (!replay.reaches(tried, sorted, index + 1)) now2 = less2;
    }
    if (pieces2) now2 = { ...now2, because: now2.because.map((why) => {
      const there = replay.on(scene, why.unit, now2.worker);
      return there.length > 0 ? { ...why, marks: there } : why;
    }) };
    kept.push(now2);
    replay.wash(scene, now2);
  }
  return kept.sort((a, b) => a.startMin - b.startMin);
}

// packages/core/src/schedule/decode.ts
var chainTries = 8;
function decode(prepared, leaning, near) {
  const state = emptyState(prepared, leaning.modes);
  const stuck = leaning.line ? byLine(state, leaning, leaning.line) : byLatest(state, leaning);
  if (stuck) return { result: stuck, looked: state.looked };
  if (near && sameAs(near, state)) return { result: near, looked: state.looked };
  const hopeless = near && state.washes.length > near.washesPlaced + mostMoreWashes;
  const washes = hopeless ? state.washes : prune(prepared, state.order, state.washes, false);
  const heats = state.chambers.flatMap((contents, number2) => contents.heats(number2)).sort((a, b) => a.startMin - b.startMin);
  return { result: { placed: state.order, washes, heats, score: scoreOf(prepared.problem, state.order, washes), blockers: state.blockers, washesPlaced: state.washes.length }, looked: state.looked };
}
var mostMoreWashes = 4;
function sameAs(near, state) {
  if (near.washesPlaced !== state.washes.length) return false;
  for (const each of near.placed) {
    const mine = state.placed[each.activity];
    if (mine.startMin !== each.startMin || mine.worker !== each.worker || mine.mode !== each.mode || mine.chamber !== each.chamber) return false;
    for (let i = 0; i < mine.units.length; i++) if (mine.units[i] !== each.units[i]) return false;
    for (let i = 0; i < mine.shelves.length; i++) if (mine.shelves[i] !== each.shelves[i]) return false;
    for (let i = 0; i < mine.attention.length; i++) if (mine.attention[i].worker !== each.attention[i].worker) return false;
  }
  return true;
}
function finished(prepared, table3) {
  const washes = prune(prepared, table3.placed, table3.washes, true);
  return {
    ...table3,
    washes: washes.map((wash) => ({ ...wash, because: wash.because.map((why) => ({ ...why, marks: why.marks.flatMap((each) => prepared.classes[each]) })) })),
    score: scoreOf(prepared.problem, table3.placed, washes)
  };
}
function byLatest(state, leaning) {
  const { activities } = state.prepared.problem;
  const open = new Set(activities.flatMap((_, index) => state.waiting[index] === 0 ? [index] : []));
  while (state.order.length < activities.length) {
    const now2 = Math.max(...state.busy.map((busy) => busy.first));
    const eligible = [...open].map((index) => {
      const latest2 = latestEnd(state, leaning, index);
      return { index, turn: (modeOf(state, index).handsOn ? Math.min(latest2, now2) : latest2) + leaning.lean[index], earliest: earliestEnd(state, index) };
    }).sort((a, b) => b.turn - a.turn || (a.earliest === b.earliest ? a.index - b.index : b.earliest - a.earliest));
    const from2 = state.order.length;
    const stuck = firstOf(state, leaning, eligible.map((each) => each.index));
    if (stuck) return stuck;
    for (const { activity } of state.order.slice(from2)) {
      open.delete(activity);
      for (const link of activities[activity].before) if (state.waiting[link.activity] === 0 && state.placed[link.activity] === void 0) open.add(link.activity);
    }
  }
  return void 0;
}
function byLine(state, leaning, line) {
  const back = [];
  let at3 = 0;
  while (state.order.length < line.length) {
    if (back.length === 0) {
      while (at3 < line.length && state.placed[line[at3]] !== void 0) at3++;
      if (at3 >= line.length) break;
      const next = line[at3];
      const refusal = state.waiting[next] === 0 ? placeChain(state, leaning, next) : void 0;
      if (!refusal && state.waiting[next] === 0) continue;
      if (refusal && refusal.why !== "no-unit" && refusal.why !== "no-clean-unit") return refusal;
    }
    const turn = [];
    for (const index of back) if (state.placed[index] === void 0 && state.waiting[index] === 0) turn.push(index);
    while (at3 < line.length && (state.placed[line[at3]] !== void 0 || back.includes(line[at3]))) at3++;
    for (let i = at3; i < line.length && turn.length <= back.length + 3; i++) if (state.placed[line[i]] === void 0 && state.waiting[line[i]] === 0 && !back.includes(line[i])) turn.push(line[i]);
    const before2 = state.order.length;
    const stuck = firstOf(state, leaning, turn);
    if (stuck) return stuck;
    const first = state.order[before2].activity;
    for (const index of turn) {
      if (state.placed[index] !== void 0 || index === first) break;
      if (!back.includes(index)) back.push(index);
    }
    for (let i = back.length - 1; i >= 0; i--) if (state.placed[back[i]] !== void 0) back.splice(i, 1);
  }
  return void 0;
}
function firstOf(state, leaning, candidates) {
  let stuck;
  for (const index of candidates) {
    const refusal = placeChain(state, leaning, index);
    if (!refusal) return void 0;
    stuck ??= refusal;
    if (refusal.why !== "no-unit" && refusal.why !== "no-clean-unit") return stuck;
  }
  return stuck ?? { activity: Math.max(0, state.placed.indexOf(void 0)), why: "circular" };
}
function latestEnd(state, { early }, index) {
  let latest2 = state.prepared.problem.activities[index].dueMin ?? Infinity;
  for (const next of state.prepared.followers[index]) latest2 = Math.min(latest2, state.placed[next.activity].startMin - next.leastMin);
  return latest2 - early[index] - state.pulled[index];
}
function earliestEnd(state, index) {
  const { dueMin, mostHoldMin } = state.prepared.problem.activities[index];
  let earliest2 = dueMin !== void 0 && mostHoldMin !== void 0 ? dueMin - mostHoldMin : -Infinity;
  for (const next of state.prepared.followers[index]) earliest2 = Math.max(earliest2, state.placed[next.activity].startMin - next.mostMin);
  return earliest2;
}
function place(state, leaning, index) {
  const choice = choose(state, leaning, index);
  if ("why" in choice) return choice;
  commit(state, index, choice);
  return void 0;
}
function choose(state, leaning, index) {
  const { patienceMin } = leaning;
  const latest2 = latestEnd(state, leaning, index);
  let best2;
  let refusal;
  const all = state.prepared.able[index];
  const able = leaning.who[index] >= 0 ? all.filter((worker) => worker === leaning.who[index]) : all;
  const tries = modeOf(state, index).handsOn ? able.length : 1;
  for (let i = 0; i < tries; i++) {
    const worker = able[i] ?? 0;
    const choice = tryPlace(state, index, worker, latest2, patienceMin);
    if ("why" in choice) {
      refusal = nearer(refusal, choice);
      continue;
    }
    const gain = best2 ? choice.washes.length - best2.washes.length : 0;
    if (!best2 || gain < 0 && choice.end > best2.end - patienceMin || gain === 0 && choice.end > best2.end || gain > 0 && choice.end > best2.end + patienceMin) best2 = choice;
  }
  return best2 ?? { activity: index, ...refusal ?? { why: "no-worker" } };
}
function nearer(a, b) {
  if (!a) return b;
  const short = (each) => each.shortMin ?? (each.why === "stands-too-long" ? 1e5 : 2e5);
  return short(b) < short(a) ? b : a;
}
function placeChain(state, leaning, index) {
  const tight = state.prepared.tight[index];
  if (tight.length === 0) return place(state, leaning, index);
  const asGiven = state.pulled[index];
  const outermost = state.trail === void 0;
  state.trail ??= [];
  const mark = state.trail.length;
  try {
    let last;
    for (let attempt = 0; attempt < chainTries; attempt++) {
      const refusal = place(state, leaning, index);
      if (refusal) {
        state.pulled[index] = asGiven;
        return refusal.follower === void 0 && last ? { activity: index, why: last.why } : refusal;
      }
      last = void 0;
      for (const link of tight) {
        if (state.waiting[link.activity] !== 0 || state.placed[link.activity] !== void 0) continue;
        last = placeChain(state, leaning, link.activity);
        if (last) break;
      }
      if (!last) return void 0;
      takeBack(state, mark);
      if (last.follower !== index || last.shortMin === void 0) break;
      state.pulled[index] = state.pulled[index] + Math.max(1, last.shortMin);
    }
    state.pulled[index] = asGiven;
    return last;
  } finally {
    if (outermost) state.trail = void 0;
  }
}

// packages/core/src/schedule/moves.ts
function groundOf(prepared) {
  const { activities } = prepared.problem;
  const keeps = activities.map((activity, index) => Math.min(activity.mostHoldMin ?? Infinity, ...prepared.followers[index].map((next) => next.mostMin)));
  return {
    prepared,
    patient: keeps.flatMap((most, index) => most >= 480 ? [index] : []),
    flexible: activities.flatMap((activity, index) => activity.modes.length > 1 ? [index] : []),
    // Hands that must be clean for something are better chosen by where they have been.
    shareable: prepared.classes.length > 0 ? [] : activities.flatMap((activity, index) => prepared.able[index].length > 1 && activity.modes.some((mode) => mode.handsOn) ? [index] : [])
  };
}
function before(prepared, line, activity, other) {
  const at3 = line.indexOf(activity);
  const to = line.indexOf(other);
  if (to >= at3) return void 0;
  const moving = /* @__PURE__ */ new Set([activity]);
  for (let i = at3 - 1; i >= to; i--) {
    if (followsAny(prepared, line[i], moving)) moving.add(line[i]);
  }
  if (moving.has(other)) return void 0;
  const changed = line.slice();
  let write = to;
  for (let i = to; i <= at3; i++) if (moving.has(line[i])) changed[write++] = line[i];
  for (let i = to; i <= at3; i++) if (!moving.has(line[i])) changed[write++] = line[i];
  return changed;
}
var followsAny = (prepared, index, moving) => prepared.problem.activities[index].before.some((link) => moving.has(link.activity));
function behind(prepared, line, activity, other) {
  const at3 = line.indexOf(activity);
  const to = line.indexOf(other);
  if (to <= at3) return void 0;
  const moving = /* @__PURE__ */ new Set([activity]);
  for (let i = at3 + 1; i <= to; i++) {
    if (prepared.followers[line[i]].some((next) => moving.has(next.activity))) moving.add(line[i]);
  }
  if (moving.has(other)) return void 0;
  const changed = line.slice();
  let write = at3;
  for (let i = at3; i <= to; i++) if (!moving.has(line[i])) changed[write++] = line[i];
  for (let i = at3; i <= to; i++) if (moving.has(line[i])) changed[write++] = line[i];
  return changed;
}
function criticalPairs({ prepared }, table3, random) {
  const { problem } = prepared;
  const byActivity = [];
  for (const each of table3.placed) byActivity[each.activity] = each;
  let first;
  for (const each of table3.placed) if ((each.worker >= 0 || each.attention.length > 0) && each.startMin >= problem.dayStartsMin && (!first || each.startMin < first.startMin)) first = each;
  const pairs = [];
  let block = [];
  const close = () => {
    if (block.length > 0) pairs.push(block[0]);
    if (block.length > 1) pairs.push(block.at(-1));
    block = [];
  };
  let at3 = first?.activity;
  for (let steps = 0; at3 !== void 0 && steps < problem.activities.length; steps++) {
    const here = byActivity[at3];
    const tied = [];
    for (const next of prepared.followers[at3]) if (byActivity[next.activity].startMin - next.leastMin === here.endMin) tied.push(next.activity);
    const blocker = table3.blockers[at3];
    if (blocker >= 0 && (tied.length === 0 || random() < 0.5)) {
      block.push([at3, blocker]);
      at3 = blocker;
    } else {
      close();
      at3 = tied.length > 0 ? tied[Math.floor(random() * tied.length)] : void 0;
    }
  }
  close();
  return pairs;
}
function washPair({ prepared }, table3, random) {
  if (table3.washes.length === 0) return void 0;
  const wash = table3.washes[Math.floor(random() * table3.washes.length)];
  if (wash.because.length === 0) return void 0;
  const why = wash.because[Math.floor(random() * wash.because.length)];
  let last;
  let lastEnd = -Infinity;
  for (const each of table3.placed) {
    if (each.endMin > wash.startMin || each.endMin <= lastEnd) continue;
    if (why.unit >= 0 ? each.units.includes(why.unit) : each.worker === wash.worker) {
      last = each.activity;
      lastEnd = each.endMin;
    }
  }
  return last === void 0 || prepared.problem.activities[why.before] === void 0 ? void 0 : [last, why.before];
}
function shifted(prepared, line, random) {
  const size = line.length;
  const here = Math.floor(random() * size);
  const there = Math.max(0, Math.min(size - 1, here + Math.round((random() - 0.5) * Math.min(size, 40))));
  if (here === there) return line;
  return (here > there ? before(prepared, line, line[here], line[there]) : behind(prepared, line, line[here], line[there])) ?? line;
}
var criticalShare = 0.12;
var washShare = 0.25;
function neighbour(ground, from2, table3, random) {
  const { prepared, patient, flexible, shareable } = ground;
  const size = prepared.problem.activities.length;
  let line = from2.line;
  let { early, modes, who, patienceMin } = from2;
  const roll = random();
  const pair = roll < criticalShare ? pick(criticalPairs(ground, table3, random), random) : void 0;
  if (pair) {
    line = (random() < 0.5 ? behind(prepared, line, pair[1], pair[0]) : before(prepared, line, pair[0], pair[1])) ?? line;
  } else if (roll < criticalShare + washShare && table3.washes.length > 0) {
    const dirty = washPair(ground, table3, random);
    if (dirty) line = (random() < 0.7 ? before(prepared, line, dirty[0], dirty[1]) : behind(prepared, line, dirty[1], dirty[0])) ?? line;
  }
  const changes = line === from2.line ? 1 + Math.floor(random() * 3) : random() < 0.25 ? 1 : 0;
  for (let i = 0; i < changes; i++) {
    const kind = random();
    const at3 = Math.floor(random() * size);
    if (patient.length > 0 && kind < 0.15) {
      const ahead = pick(patient, random);
      early = early.slice();
      early[ahead] = early[ahead] > 0 ? 0 : 180 + Math.floor(random() * 1e3);
    } else if (kind < 0.3) {
      early = early.slice();
      early[at3] = early[at3] > 0 && random() < 0.6 ? 0 : early[at3] + 1 + Math.floor(random() * 20);
    } else if (flexible.length > 0 && kind < 0.4) {
      const other = pick(flexible, random);
      modes = modes.slice();
      modes[other] = modes[other] > 0 && random() < 0.6 ? 0 : Math.floor(random() * prepared.problem.activities[other].modes.length);
    } else if (shareable.length > 0 && kind > 0.96) {
      const other = pick(shareable, random);
      who = who.slice();
      who[other] = who[other] >= 0 && random() < 0.6 ? -1 : pick(prepared.able[other], random);
    } else if (kind < 0.43) {
      patienceMin = Math.floor(random() * 90);
    } else {
      line = shifted(prepared, line, random);
    }
  }
  return { ...from2, line, early, modes, who, patienceMin };
}
function pick(list, random) {
  return list.length === 0 ? void 0 : list[Math.floor(random() * list.length)];
}

// packages/core/src/schedule/anneal.ts
var hottest = 20;
var coldest = 1;
var firstCycle = 8e5;
var cycleGrowth = 2;
var wanderShare = 1 / 12;
function* anneal(ground, random, effort3, start) {
  const { prepared } = ground;
  const { problem } = prepared;
  let best2 = asBuilt(start.leaning, start.table);
  let here = best2;
  let energy = energyOf(problem, start.table.score);
  let bestEnergy = energy;
  let looked = 0;
  let sinceBest = 0;
  let cycle = Math.min(effort3, firstCycle);
  let cycleFrom = 0;
  for (let round = 1; looked < effort3; round++) {
    if (looked - cycleFrom >= cycle) {
      cycleFrom = looked;
      cycle = Math.min(effort3 - looked, cycle * cycleGrowth);
      [here, energy, sinceBest] = [best2, bestEnergy, 0];
    }
    const temperature = hottest * (coldest / hottest) ** ((looked - cycleFrom) / cycle);
    const tried = neighbour(ground, here.leaning, here.table, random);
    const { result, looked: now2 } = decode(prepared, tried, here.table);
    looked += now2 + problem.activities.length;
    sinceBest += now2;
    if (!isStuck(result)) {
      const energyNow = energyOf(problem, result.score);
      if (energyNow <= energy || random() < Math.exp((energy - energyNow) / temperature)) [here, energy] = [asBuilt(tried, result), energyNow];
      if (better(result.score, best2.table.score)) {
        [best2, bestEnergy, sinceBest] = [asBuilt(tried, result), energyNow, 0];
        yield { kind: "found", round, timetable: finished(prepared, result) };
      }
    }
    if (sinceBest > cycle * wanderShare && energy > bestEnergy) [here, energy, sinceBest] = [best2, bestEnergy, 0];
    yield { kind: "round", share: Math.min(1, looked / effort3) };
  }
  return finished(prepared, best2.table);
}

// packages/core/src/schedule/first.ts
var restartAfter = 120;
var hopelessAfter = 60;
function* findFirst(prepared, ground, random, effort3) {
  const { problem } = prepared;
  const size = problem.activities.length;
  const fresh = (lean) => ({ lean, early: new Float64Array(size), modes: new Uint8Array(size), who: new Int8Array(size).fill(-1), patienceMin: 15 });
  let kept = fresh(new Float64Array(size));
  const obstacles = /* @__PURE__ */ new Map();
  let looked = 0;
  for (let round = 0; looked < effort3; round++) {
    if (round > 0 && round % restartAfter === 0) kept = fresh(Float64Array.from({ length: size }, () => random() * 60));
    const tried = round === 0 ? kept : jostled(kept, ground, random);
    const { result, looked: here } = decode(prepared, tried);
    looked += here + size;
    if (!isStuck(result)) {
      yield { kind: "found", round, timetable: finished(prepared, result) };
      return { leaning: tried, result };
    }
    const key2 = `${result.activity}/${result.why}`;
    obstacles.set(key2, { count: (obstacles.get(key2)?.count ?? 0) + 1, stuck: result });
    if (obstacles.size === 1 && round >= hopelessAfter && result.why.startsWith("no-")) break;
    kept = louder(problem, tried, result, random);
    yield { kind: "round", share: 0 };
  }
  const most = [...obstacles.values()].sort((a, b) => b.count - a.count)[0];
  return { leaning: kept, result: most ? most.stuck : { activity: 0, why: "circular" } };
}
function withFollowers(problem, from2) {
  const found = /* @__PURE__ */ new Set([from2]);
  problem.activities.forEach((activity, index) => {
    if (activity.before.some((link) => found.has(link.activity))) found.add(index);
  });
  return found;
}
function louder(problem, tried, stuck, random) {
  const lean = tried.lean.slice();
  const early = tried.early.slice();
  const modes = tried.modes.slice();
  const tooEarly = stuck.why === "stands-too-long" || stuck.why === "wait-too-long" || stuck.why === "too-early";
  const ways = problem.activities[stuck.activity].modes.length;
  if (ways > 1 && random() < 0.5) modes[stuck.activity] = Math.floor(random() * ways);
  if (tooEarly && early[stuck.activity] > 0) {
    early[stuck.activity] = 0;
  } else if (stuck.follower !== void 0 && stuck.shortMin !== void 0 && stuck.shortMin < 300 && random() < 0.2) {
    early[stuck.follower] = early[stuck.follower] + stuck.shortMin;
  } else {
    const push2 = 20 + Math.floor(random() * 80);
    for (const index of withFollowers(problem, stuck.activity)) lean[index] = lean[index] + push2;
  }
  if (random() < 0.4) {
    const standing = problem.activities.flatMap((activity, index) => (activity.mostHoldMin ?? 0) > 0 ? [index] : []);
    const at3 = standing[Math.floor(random() * standing.length)];
    if (at3 !== void 0 && at3 !== stuck.activity) early[at3] = Math.floor(random() * Math.min(60, problem.activities[at3].mostHoldMin));
  }
  return { ...tried, lean, early, modes };
}
function jostled(from2, { prepared, patient, flexible }, random) {
  const lean = from2.lean.slice();
  const early = from2.early.slice();
  const modes = from2.modes.slice();
  const size = lean.length;
  for (let i = Math.floor(random() * 3); i > 0; i--) {
    const at3 = Math.floor(random() * size);
    const ahead = patient[Math.floor(random() * patient.length)];
    if (ahead !== void 0 && random() < 0.2) early[ahead] = early[ahead] > 0 ? 0 : 180 + Math.floor(random() * 1e3);
    else if (random() < 0.25) early[at3] = random() < 0.5 ? 0 : Math.max(0, early[at3] + Math.round((random() - 0.4) * 30));
    else lean[at3] = lean[at3] + (random() - 0.5) * (random() < 0.3 ? 240 : 50);
    const other = flexible[Math.floor(random() * flexible.length)];
    if (other !== void 0 && random() < 0.2) modes[other] = Math.floor(random() * prepared.problem.activities[other].modes.length);
  }
  return { lean, early, modes, who: from2.who, patienceMin: random() < 0.2 ? Math.floor(random() * 90) : from2.patienceMin };
}

// packages/core/src/schedule/prepare.ts
var tightMin = 60;
function prepare(problem) {
  const { activities, units } = problem;
  const suspects = units.some((unit) => !unit.comesClean);
  const guarded = /* @__PURE__ */ new Set([...activities.flatMap((each) => each.guards.map((guard) => guard.mark)), ...units.flatMap((unit) => unit.barred.length > 0 ? [...unit.barred, problem.unknownMark] : [])]);
  const carried = /* @__PURE__ */ new Set([...activities.flatMap((each) => [...each.carries, ...each.dust].map((carry) => carry.mark)), ...suspects ? [problem.unknownMark] : []]);
  const signature = new Map([...guarded].filter((mark) => carried.has(mark)).map((mark) => [mark, mark === problem.unknownMark ? ["?"] : []]));
  const sign = (mark, word) => void signature.get(mark)?.push(word);
  activities.forEach((activity, i) => {
    for (const { mark, origin } of activity.carries) sign(mark, `c${i},${origin}`);
    for (const { mark, origin } of activity.dust) sign(mark, `d${i},${origin}`);
    for (const { mark, exempt } of activity.guards) sign(mark, `g${i},${[...exempt].sort((a, b) => a - b).join("+")}`);
    for (const mark of activity.ends) sign(mark, `e${i}`);
  });
  units.forEach((unit, i) => {
    for (const mark of unit.barred) sign(mark, `b${i}`);
  });
  const classOf = /* @__PURE__ */ new Map();
  const classes = [];
  const known2 = /* @__PURE__ */ new Map();
  for (const [mark, words] of signature) {
    const key2 = words.join(" ");
    const found = known2.get(key2) ?? classes.length;
    if (found === classes.length) {
      known2.set(key2, found);
      classes.push([]);
    }
    classes[found].push(mark);
    classOf.set(mark, found);
  }
  const sets = new ExemptSets();
  const carriesIn = (carries) => distinct(carries.flatMap(({ mark, origin }) => {
    const at3 = classOf.get(mark);
    return at3 === void 0 ? [] : [{ mark: at3, origin }];
  }), (each) => `${each.mark}/${each.origin}`);
  const classesIn = (marks2) => [...new Set(marks2.flatMap((mark) => classOf.get(mark) ?? []))];
  const facts = activities.map((activity) => {
    const guards = distinct(activity.guards.flatMap(({ mark, exempt }) => {
      const at3 = classOf.get(mark);
      return at3 === void 0 ? [] : [{ mark: at3, exempt }];
    }), (each) => `${each.mark}/${each.exempt.join("+")}`);
    const demand = noDemand(classes.length);
    addGuards(demand, guards, sets);
    return { carries: carriesIn(activity.carries), guards, dust: carriesIn(activity.dust), ends: classesIn(activity.ends), demand };
  });
  const feared = activities.map((activity) => activity.guards.flatMap(({ mark }) => mark === problem.unknownMark || problem.heatEnds.includes(mark) ? [] : [mark]));
  const where = (test) => new Set(units.flatMap((unit, index) => test(unit) ? [index] : []));
  const followers = activities.map(() => []);
  activities.forEach((activity, index) => {
    for (const link of activity.before) followers[link.activity].push({ activity: index, leastMin: link.leastMin, mostMin: link.mostMin });
  });
  const unitsOfKind = /* @__PURE__ */ new Map();
  units.forEach((unit, index) => unitsOfKind.set(unit.kind, [...unitsOfKind.get(unit.kind) ?? [], index]));
  const origins = new Set(activities.flatMap((activity) => activity.carries.map((carry) => carry.origin)));
  return {
    problem,
    sets,
    facts,
    anyFood: sets.intern(origins),
    nobody: sets.intern([]),
    classes,
    unitsOfKind,
    followers,
    unknownClass: classOf.get(problem.unknownMark) ?? -1,
    nothing: noDemand(classes.length),
    barred: units.map((unit) => classesIn(unit.barred)),
    barredUnits: activities.map((activity) => where((unit) => unit.barred.length > 0 && activity.carries.some(({ mark }) => unit.barred.includes(mark)))),
    fearedUnits: feared.map((marks2) => where((unit) => !unit.comesClean && marks2.some((mark) => !unit.barred.includes(mark)))),
    waiting: Int32Array.from(followers, (list) => list.length),
    holders: activities.flatMap((activity, index) => activity.modes.some((mode) => mode.uses.some((use) => use.hold !== void 0)) ? [index] : []),
    anyDust: activities.some((activity) => activity.dust.length > 0),
    able: activities.map((activity) => activity.workers ?? problem.workers.map((_, worker) => worker)),
    tight: activities.map((activity) => activity.before.filter((link) => link.mostMin <= tightMin))
  };
}
function distinct(list, keyOf) {
  const seen = /* @__PURE__ */ new Set();
  return list.filter((each) => {
    const key2 = keyOf(each);
    return seen.has(key2) ? false : (seen.add(key2), true);
  });
}

// packages/core/src/numbers/seeded.ts
function seeded(seed) {
  let state = seed >>> 0;
  return () => {
    state = state + 1831565813 >>> 0;
    let mixed = Math.imul(state ^ state >>> 15, state | 1);
    mixed ^= mixed + Math.imul(mixed ^ mixed >>> 7, mixed | 61);
    return ((mixed ^ mixed >>> 14) >>> 0) / 4294967296;
  };
}

// packages/core/src/schedule/tabu.ts
var tenure = 16;
var stagnant = 600;
var kicks = 4;
function* tabu(ground, random, effort3, start) {
  const { prepared } = ground;
  const { problem } = prepared;
  const size = problem.activities.length;
  let here = inTime(start.leaning, start.table);
  let best2 = here;
  let looked = 0;
  let since = 0;
  const forbidden = /* @__PURE__ */ new Map();
  const tryOut = (leaning) => {
    const { result, looked: now2 } = decode(prepared, leaning);
    looked += now2 + size;
    return isStuck(result) ? void 0 : inTime(leaning, result);
  };
  const aside = () => tryOut({ ...here.leaning, line: shifted(prepared, here.leaning.line, random) }) ?? here;
  for (let round = 1; looked < effort3; round++) {
    let chosen2;
    let lastResort;
    for (const [activity, blocker] of criticalPairs(ground, here.table, random)) {
      const line = behind(prepared, here.leaning.line, blocker, activity) ?? before(prepared, here.leaning.line, activity, blocker);
      const tried = line && tryOut({ ...here.leaning, line });
      if (!tried) continue;
      const isTabu = (forbidden.get(activity * size + blocker) ?? 0) > round && !better(tried.table.score, best2.table.score);
      const energy = energyOf(problem, tried.table.score) + random() * 0.01;
      const candidate = { at: tried, energy, key: blocker * size + activity };
      if (!isTabu && (!chosen2 || energy < chosen2.energy)) chosen2 = candidate;
      if (isTabu && (!lastResort || energy < lastResort.energy)) lastResort = candidate;
    }
    if (!chosen2 && random() < 0.5) chosen2 = lastResort;
    if (chosen2) {
      forbidden.set(chosen2.key, round + tenure + Math.floor(random() * tenure));
      here = chosen2.at;
      since++;
    } else {
      here = aside();
    }
    if (better(here.table.score, best2.table.score)) {
      best2 = here;
      since = 0;
      yield { kind: "found", round, timetable: finished(prepared, here.table) };
    } else if (since > stagnant) {
      since = 0;
      here = best2;
      forbidden.clear();
      for (let i = 0; i < kicks; i++) here = aside();
    }
    yield { kind: "round", share: Math.min(1, looked / effort3) };
  }
  return finished(prepared, best2.table);
}

// packages/core/src/schedule/solve.ts
var effortPerSecond = 4e5;
var lostEffort = 5e3;
function* solve(problem, { seed, effort: effort3, firstEffort, from: from2 }) {
  const random = seeded(seed);
  const prepared = prepare(problem);
  const ground = groundOf(prepared);
  const known2 = from2 && again(prepared, from2.line, from2.modes);
  if (known2) yield { kind: "found", round: 0, timetable: finished(prepared, known2.result) };
  const first = known2 ?? (yield* findFirst(prepared, ground, random, firstEffort ?? Math.max(lostEffort * problem.activities.length, effort3)));
  if (isStuck(first.result)) return first.result;
  const better2 = prepared.classes.length === 0 && isTied(problem) ? tabu : anneal;
  return yield* better2(ground, random, effort3, { leaning: first.leaning, table: first.result });
}
function again(prepared, line, modes) {
  const size = prepared.problem.activities.length;
  const leaning = { line, lean: new Float64Array(size), early: new Float64Array(size), modes, who: new Int8Array(size).fill(-1), patienceMin: 15 };
  const { result } = decode(prepared, leaning);
  return isStuck(result) ? void 0 : { leaning, result };
}
var isTied = ({ activities, workers }) => activities.every((activity) => activity.modes.length === 1 && activity.modes[0].uses.length === 0 && (activity.workers ?? workers).length === 1);

// packages/core/src/plan/compile.ts
var marks = [...hazards.map((hazard) => hazard.id), "unread"];
var numberOf = new Map(marks.map((mark, index) => [mark, index]));
var numbered = (mark) => numberOf.get(mark);
function keptFree(hazard) {
  return [hazard, ...membersOf(hazard), ...hazardOf(hazard).groups, ...hazardOf(hazard).related];
}
var endedBy = (coreC) => hazards.filter((hazard) => hazard.safeCoreC !== void 0 && hazard.safeCoreC <= coreC).map((hazard) => numbered(hazard.id));
function compile(occasion, network) {
  const batchNumber = new Map(network.batches.map((batch, index) => [batch.id, index]));
  const taskNumber = new Map(network.tasks.map((task, index) => [task.id, index]));
  const { kitchen, wishes } = occasion;
  const ovens2 = ovensOf(kitchen);
  const pins = new Map(wishes.pins.map((pin) => [pin.task, pin]));
  const activities = network.tasks.map((task) => {
    const numberedAll = (list) => list.map(({ mark, origin }) => ({ mark: numbered(mark), origin: batchNumber.get(origin) }));
    const pin = pins.get(task.id);
    const ways = usableWays(occasion, task);
    const spare = (of) => pins.get(of)?.spareMin ?? 0;
    const able = kitchen.cooks.flatMap((cook, index) => task.chores.some((chore) => cook.leaves.includes(chore)) || pin?.cook !== void 0 && pin.cook !== cook.id ? [] : [index]);
    return {
      id: task.id,
      workers: able.length === kitchen.cooks.length ? void 0 : able,
      modes: ways.map((way) => ({
        durationMin: way.durationMin.planned,
        handsOn: way.hands === "on",
        attention: way.attention,
        uses: way.kit.map((use) => ({
          kind: use.kind,
          hold: use.hold,
          only: pin?.unit !== void 0 && kitchen.kit.some((unit) => unit.id === pin.unit && unit.kind === use.kind) ? [kitchen.kit.findIndex((unit) => unit.id === pin.unit)] : void 0
        })),
        chamber: way.oven && chamberUse(way.oven, ovens2, pin),
        flame: way.burner,
        bent: way.bentC !== 0
      })),
      dust: numberedAll(task.dust),
      carries: numberedAll(task.carries),
      guards: task.guards.map((guard) => ({ mark: numbered(guard.mark), exempt: guard.exempt.map((id) => batchNumber.get(id)) })),
      ends: task.step.coreC === void 0 ? [] : endedBy(task.step.coreC),
      before: task.after.map((link) => ({ activity: taskNumber.get(link.task), leastMin: Math.min(link.mostMin ?? Infinity, link.leastMin + spare(link.task)), mostMin: link.mostMin ?? Infinity })),
      dueMin: task.serve?.atMin,
      mostHoldMin: task.serve?.mostHoldMin,
      notBeforeMin: later(pin?.notBeforeMin, pin?.startsAtMin),
      endsByMin: earliest([
        pin?.endsByMin,
        pin?.startsAtMin === void 0 ? void 0 : pin.startsAtMin + task.ways[0].durationMin.planned,
        pin?.spareMin === void 0 || !task.serve ? void 0 : task.serve.atMin - Math.min(pin.spareMin, task.serve.mostHoldMin)
      ])
    };
  });
  return {
    activities,
    units: kitchen.kit.map((unit) => ({
      kind: unit.kind,
      comesClean: cleaningOf(unit.material).comesClean,
      washMin: unit.washMin,
      barred: [...new Set(unit.keptFreeOf.flatMap(keptFree).map(numbered))]
    })),
    workers: kitchen.cooks.map((cook) => ({ windows: present(cook, wishes.absences), washesUp: !cook.leaves.includes("washing-up") })),
    chambers: ovens2.map((oven) => ({ shelves: oven.racks, roomC: rules.roomC, heatsCPerMin: oven.heatsCPerMin ?? rules.ovenHeatsCPerMin, coolsCPerMin: oven.coolsCPerMin ?? rules.ovenCoolsCPerMin })),
    flames: kitchen.burners,
    marks: marks.length,
    unknownMark: numbered("unread"),
    heatEnds: hazards.filter((hazard) => hazard.kind === "raw").map((hazard) => numbered(hazard.id)),
    settleMin: rules.flourSettlesMin,
    handsMin: rules.handWashMin,
    dayStartsMin: rules.dayStartsMin,
    // A bake bent out of need yields only to what the cook puts first.
    goals: [wishes.goals[0], "bent", ...wishes.goals.slice(1)]
  };
}
function usableWays(occasion, task) {
  const pin = occasion.wishes.pins.find((each) => each.task === task.id);
  if (pin?.startsAtMin !== void 0) return task.ways.slice(0, 1);
  const usable = task.ways.filter((way) => !way.oven || chamberUse(way.oven, ovensOf(occasion.kitchen), pin).in.length > 0);
  return usable.length > 0 ? usable : task.ways;
}
function chamberUse(use, ovens2, pin) {
  const lowC = use.temperatureC - use.toleranceC;
  const suited = ovens2.flatMap((oven, index) => oven.racks > 0 && oven.mostC >= lowC && oven.leastC <= use.temperatureC + use.toleranceC && (!use.grill || oven.grill) && (pin?.oven === void 0 || pin.oven === index) && (pin?.rack === void 0 || pin.rack < oven.racks) ? [index] : []);
  return {
    in: suited,
    wishC: use.temperatureC,
    lowC,
    highC: Math.min(use.temperatureC + use.toleranceC, ...suited.map((index) => ovens2[index].mostC)),
    shelves: use.racks,
    shelf: pin?.rack,
    covered: use.covered,
    alone: use.grill
  };
}
var later = (a, b) => a === void 0 ? b : b === void 0 ? a : Math.max(a, b);
var earliest = (moments) => moments.reduce((a, b) => a === void 0 ? b : b === void 0 ? a : Math.min(a, b));
function present(cook, absences) {
  return absences.filter((each) => each.cook === cook.id).reduce((windows, gone) => windows.flatMap(({ fromMin, toMin }) => {
    if (gone.toMin <= fromMin || gone.fromMin >= toMin) return [{ fromMin, toMin }];
    return [{ fromMin, toMin: gone.fromMin }, { fromMin: gone.toMin, toMin }].filter((each) => each.toMin > each.fromMin);
  }), cook.windows);
}

// packages/core/src/plan/explain.ts
var plain3 = (kind) => kind.replaceAll("-", " ");
function dishOf(network, task) {
  return network.batches.find((batch) => batch.id === task.batch).recipe.name;
}
var named = (network, task) => `\u201C${task.title}\u201D (${dishOf(network, task)})`;
var courseOf = (occasion, network, task) => {
  const { dish } = network.batches.find((batch) => batch.id === task.batch);
  return occasion.courses.find((course) => course.id === occasion.dishes.find((each) => each.id === dish).course).name;
};
var at = (occasion, moment) => [clockTime(occasion.serveAt, moment), dayWords(occasion.serveAt, moment)].filter(Boolean).join(" ");
function explainClash(occasion, network, clash) {
  const tasks2 = clash.activities.map((index) => network.tasks[index]);
  const [one, two] = tasks2;
  const what = `${named(network, one)} finds no place.`;
  switch (clash.kind) {
    case "no-unit": {
      const kinds = [...new Set(one.kit.map((use) => use.kind))];
      const lacking = kinds.filter((kind) => one.kit.filter((use) => use.kind === kind).length > occasion.kitchen.kit.filter((unit) => unit.kind === kind).length);
      const words = lacking.map((kind) => {
        const wanted = one.kit.filter((use) => use.kind === kind).length;
        const there = occasion.kitchen.kit.filter((unit) => unit.kind === kind).length;
        return `${wanted === 1 ? `a ${plain3(kind)}` : `${wanted} of ${plain3(kind)}`}; the kitchen has ${there === 0 ? "none" : there}`;
      });
      return { what, why: `It needs ${listed(words)}.`, tryThis: `Add a ${plain3(lacking[0] ?? "piece")} to the kitchen, or take the dish off the menu.`, proven: true };
    }
    case "no-chamber":
      return { what, why: `It needs ${one.oven?.temperatureC} \xB0C; no oven of this kitchen ${ovensOf(occasion.kitchen).every((oven) => oven.racks === 0) ? "is there" : one.oven?.grill ? "reaches that with a grill" : "reaches that"}.`, tryThis: "Choose a dish for the hob, or correct the oven under Kitchen.", proven: true };
    case "no-flame":
      return { what, why: "It needs a burner; the kitchen has none.", tryThis: "Add a burner to the kitchen, or choose a dish for the oven.", proven: true };
    case "no-time":
      return { what, why: `Between what must come before it and what must follow, it is short of ${clash.shortMin} min.`, tryThis: `Serve ${courseOf(occasion, network, one)} ${clash.shortMin} min later, or let the dish stand longer.`, proven: true };
    case "no-worker":
      return { what, why: "Nobody who can do it is in the kitchen when it must be done.", tryThis: "Give a cook more time in the kitchen, ask a helper, or serve later.", proven: true };
    case "temperatures": {
      return {
        what: `${named(network, one)} and ${named(network, two)} cannot both have the oven.`,
        why: `One needs ${one.oven.temperatureC} \xB0C, the other ${two.oven.temperatureC} \xB0C${one.oven.grill || two.oven.grill ? ", under the grill alone" : ""}; one after the other they are short of at least ${clash.shortMin} min, with the time the oven takes to change.`,
        tryThis: `Serve ${dishOf(network, two)} at least ${clash.shortMin} min later, let one of them stand that much longer, or use a second oven.`,
        proven: true
      };
    }
    case "same-worker":
      return { what: `${named(network, one)} and ${named(network, two)} are wanted at once.`, why: `One pair of hands is short of ${clash.shortMin} min to do one after the other.`, tryThis: `Ask a helper, or serve ${dishOf(network, two)} ${clash.shortMin} min later.`, proven: true };
    case "same-unit": {
      const kind = one.kit.find((use) => two.kit.some((other) => other.kind === use.kind) && occasion.kitchen.kit.filter((unit) => unit.kind === use.kind).length === 1);
      const name = plain3(kind?.kind ?? "piece");
      return { what: `${named(network, one)} and ${named(network, two)} need the same ${name} at once.`, why: `There is one, and it is short of ${clash.shortMin} min to do one after the other.`, tryThis: `Add a second ${name}, or serve ${dishOf(network, two)} ${clash.shortMin} min later.`, proven: true };
    }
    case "too-much-work":
      return {
        what: `Between ${at(occasion, clash.fromMin)} and ${at(occasion, clash.toMin)} there is more to do than there are hands.`,
        why: `${listed(tasks2.slice(0, 4).map((task) => named(network, task)))}${tasks2.length > 4 ? ` and ${tasks2.length - 4} more` : ""} must be done then; that is ${clash.shortMin} min too much.`,
        tryThis: "Ask a helper, give a cook more time in the kitchen, or serve a course later.",
        proven: true
      };
    default:
      return clash;
  }
}
function explainStuck(occasion, network, stuck) {
  const task = network.tasks[stuck.activity];
  const what = task ? `${named(network, task)} finds no place.` : "The steps wait for each other.";
  const kinds = task ? listed([...new Set(task.kit.map((use) => plain3(use.kind)))]) : "";
  switch (stuck.why) {
    case "no-worker":
      return { what, why: "No cook is free, and in the kitchen, when it must be done.", tryThis: "Give a cook more time in the kitchen, ask a helper, or serve later.", proven: false };
    case "no-unit":
      return { what, why: `There is not enough kit of its kinds: ${kinds}.`, tryThis: "Add a piece to the kitchen, or take a dish off the menu.", proven: false };
    case "no-clean-unit":
      return { what, why: `Of ${kinds}, no piece can be clean enough for those who eat it.`, tryThis: "Add one that comes clean with hot water and detergent, or keep one for what is free-from.", proven: false };
    case "too-early":
      return { what, why: "It would have to be done before the time it may begin.", tryThis: "Let it begin earlier, or serve later.", proven: false };
    case "dust":
      return { what, why: "Flour would be in the air over food that must stay free from it.", tryThis: "Do the dusty work the evening before, or use a flour that they may have.", proven: false };
    case "wait-too-long":
      return { what, why: "It would have to wait longer for the next step than the recipe allows.", tryThis: "Another cook or burner, or serve a course later.", proven: false };
    case "stands-too-long":
      return { what, why: "It would be ready longer before serving than it can stand.", tryThis: "Serve a course later, or take a dish off the menu.", proven: false };
    case "no-chamber":
      return { what, why: "The oven has no room at the right temperature.", tryThis: "Serve a course later, or choose a dish for the hob.", proven: false };
    case "no-flame":
      return { what, why: `All ${occasion.kitchen.burners} burners are taken.`, tryThis: "Choose a dish for the oven, or serve a course later.", proven: false };
    case "circular":
      return { what, why: "Kit is held by dishes that wait for each other.", tryThis: "Add a pan or a bowl to the kitchen.", proven: false };
    default:
      return stuck.why;
  }
}

// packages/core/src/plan/freeing.ts
var effort = 4e4;
function* changesFor(occasion, network, stuck) {
  const task = network.tasks[stuck.activity];
  const { kitchen } = occasion;
  if (task && (stuck.why === "no-unit" || stuck.why === "no-clean-unit" || stuck.why === "circular")) {
    for (const kind of new Set(task.kit.map((use) => use.kind))) {
      const unit = { id: `${kind}-more`, kind, name: "One more", material: "steel", washMin: 2, keptFreeOf: [] };
      yield { words: `With one more ${kind.replaceAll("-", " ")} of a kind that comes clean there is a plan.`, occasion: { ...occasion, kitchen: { ...kitchen, kit: [...kitchen.kit, unit] } } };
    }
  }
  const dish = task && network.batches.find((batch) => batch.id === task.batch).dish;
  const course = occasion.courses.find((each) => each.id === occasion.dishes.find((one) => one.id === dish)?.course);
  if (course) {
    for (const later2 of [15, 30]) {
      yield { words: `With ${course.name} ${later2} min later there is a plan.`, occasion: { ...occasion, courses: occasion.courses.map((each) => each.id === course.id ? { ...each, offsetMin: each.offsetMin + later2 } : each) } };
    }
  }
  const [first] = kitchen.cooks;
  if (first && kitchen.cooks.length < 6) yield { words: "With a helper beside the cook there is a plan.", occasion: { ...occasion, kitchen: { ...kitchen, cooks: [...kitchen.cooks, { ...first, id: "helper-more", name: "Helper" }] } } };
  yield { words: "With one more burner there is a plan.", occasion: { ...occasion, kitchen: { ...kitchen, burners: kitchen.burners + 1 } } };
}
function whatFrees(occasion, network, stuck) {
  for (const change2 of changesFor(occasion, network, stuck)) {
    const problem = compile(change2.occasion, tasksOf(change2.occasion, fit(change2.occasion)));
    if (provenClash(problem)) continue;
    const run = solve(problem, { seed: 1, effort: 0, firstEffort: effort });
    for (let next = run.next(); ; next = run.next()) {
      if (!next.done) continue;
      if (!isStuck(next.value)) return change2.words;
      break;
    }
  }
  return void 0;
}

// packages/core/src/plan/wishes.ts
var effort2 = 4e4;
var withWishes = (occasion, wishes) => ({
  ...occasion,
  wishes: { ...occasion.wishes, pins: wishes.flatMap((wish) => wish.kind === "pin" ? [wish.pin] : []), absences: wishes.flatMap((wish) => wish.kind === "absence" ? [wish.absence] : []) }
});
function canHold(occasion, network, wishes) {
  const problem = compile(withWishes(occasion, wishes), network);
  if (provenClash(problem)) return false;
  const run = solve(problem, { seed: 1, effort: 0, firstEffort: effort2 });
  for (let next = run.next(); ; next = run.next()) if (next.done) return !isStuck(next.value);
}
function wishesInConflict(occasion, network) {
  const { pins, absences } = occasion.wishes;
  const all = [...pins.filter((pin) => network.tasks.some((task) => task.id === pin.task)).map((pin) => ({ kind: "pin", pin })), ...absences.map((absence) => ({ kind: "absence", absence }))];
  if (all.length === 0 || !canHold(occasion, network, [])) return void 0;
  let left = all;
  for (const wish of all) {
    const without2 = left.filter((each) => each !== wish);
    if (!canHold(occasion, network, without2)) left = without2;
  }
  const words = left.map((wish) => wordsOf2(occasion, network, wish));
  const one = words.length === 1;
  return {
    what: one ? `It cannot be that ${words[0]}.` : "These wishes cannot hold together.",
    why: one ? "Nothing else that was asked for stands in its way; without it there is a plan." : `${words.map((each) => `${each.charAt(0).toUpperCase()}${each.slice(1)}.`).join(" ")}`,
    tryThis: one ? "take it back, or ask for a little less." : "take back one of them: with any one of them gone the others can hold.",
    proven: false
  };
}
var at2 = (occasion, moment) => [clockTime(occasion.serveAt, moment), dayWords(occasion.serveAt, moment)].filter(Boolean).join(" ");
function pinWords(occasion, pin) {
  const { kit, cooks } = occasion.kitchen;
  const ovens2 = ovensOf(occasion.kitchen);
  const oven = ovens2[pin.oven ?? 0] ?? occasion.kitchen.oven;
  return [
    pin.startsAtMin === void 0 ? "" : `begins at ${at2(occasion, pin.startsAtMin)}`,
    pin.notBeforeMin === void 0 ? "" : `does not begin before ${at2(occasion, pin.notBeforeMin)}`,
    pin.endsByMin === void 0 ? "" : `is done by ${at2(occasion, pin.endsByMin)}`,
    pin.cook === void 0 ? "" : `is done by ${cooks.find((cook) => cook.id === pin.cook)?.name ?? pin.cook}`,
    pin.oven === void 0 ? "" : `is in ${ovens2[pin.oven]?.name ?? `oven ${pin.oven + 1}`}`,
    pin.rack === void 0 ? "" : `is on ${rackName(pin.rack, oven.racks)}`,
    pin.spareMin === void 0 ? "" : `has ${pin.spareMin} min to spare after it`,
    pin.unit === void 0 ? "" : `is done with ${kit.find((unit) => unit.id === pin.unit)?.name ?? pin.unit}`
  ].filter(Boolean);
}
function wordsOf2(occasion, network, wish) {
  if (wish.kind === "absence") {
    const { cook, fromMin, toMin } = wish.absence;
    return `${occasion.kitchen.cooks.find((each) => each.id === cook)?.name ?? cook} is out from ${at2(occasion, fromMin)} to ${at2(occasion, toMin)}`;
  }
  const task = network.tasks.find((each) => each.id === wish.pin.task);
  return `\u201C${task.title}\u201D (${network.batches.find((batch) => batch.id === task.batch).recipe.name}) ${pinWords(occasion, wish.pin).join(" and ")}`;
}

// packages/core/src/plan/make.ts
function* planning(occasion, options = {}, table3 = fit(occasion)) {
  const { seed = 1, seconds = 2, from: from2 } = options;
  const network = tasksOf(occasion, table3);
  if (network.tasks.length === 0) {
    return { kind: "none", reason: { what: "There is nothing to plan yet.", why: "No dish on the menu is eaten by anybody.", tryThis: "Add guests and dishes.", proven: true } };
  }
  const problem = compile(occasion, network);
  const clash = provenClash(problem);
  if (clash) return { kind: "none", reason: wishesInConflict(occasion, network) ?? explainClash(occasion, network, clash) };
  const bound = lowerBoundMin(problem);
  const search = solve(problem, { seed, effort: seconds * effortPerSecond, from: from2 && orderOf(occasion, network, from2) });
  for (; ; ) {
    const next = search.next();
    if (next.done) {
      if (isStuck(next.value)) {
        const wished = wishesInConflict(occasion, network);
        if (wished) return { kind: "none", reason: wished };
        const reason = explainStuck(occasion, network, next.value);
        const freed = whatFrees(occasion, network, next.value);
        return { kind: "none", reason: freed ? { ...reason, tryThis: freed } : reason };
      }
      return { kind: "plan", plan: toPlan(occasion, network, problem, next.value, seed, bound) };
    }
    if (next.value.kind === "found") yield { kind: "found", plan: toPlan(occasion, network, problem, next.value.timetable, seed, bound) };
    else yield { kind: "progress", share: next.value.share };
  }
}
function makePlan(occasion, options = {}) {
  const run = planning(occasion, options);
  for (; ; ) {
    const next = run.next();
    if (next.done) return next.value;
  }
}
function toPlan(occasion, network, problem, timetable, seed, lowerBound) {
  const steps = timetable.placed.map((each) => stepOf(occasion, network.tasks[each.activity], each));
  const washes = timetable.washes.map((wash, index) => washOf(occasion, network, problem, wash, index + 1));
  const ovens2 = timetable.heats.map((heat, index) => ovenOf(heat, index + 1));
  return { format: "lupin.plan/1", occasion: occasion.id, basis: basisOf(occasion), seed, batches: batchesOf2(network), tasks: inTime2([...steps, ...washes, ...ovens2]), lowerBoundMin: lowerBound };
}
var inTime2 = (tasks2) => [...tasks2].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin || (a.id < b.id ? -1 : 1));
var batchesOf2 = (network) => network.batches.map((batch) => ({
  id: batch.id,
  dish: batch.dish,
  versions: [...batch.versions],
  ...batch.base ? { base: batch.base } : {},
  portions: Math.round(batch.portions * 100) / 100,
  ...batch.into.length > 0 ? { component: { recipe: batch.recipe.id, into: batch.into.flatMap(({ dish, versions, part }) => versions.map((version) => ({ dish, version, path: [...part.path] }))) } } : {}
}));
function stepOf(occasion, task, each) {
  const { kit, cooks } = occasion.kitchen;
  const way = usableWays(occasion, task)[each.mode];
  return {
    kind: "step",
    id: task.id,
    startMin: each.startMin,
    endMin: each.endMin,
    batch: task.batch,
    step: task.step.id,
    ...each.worker >= 0 ? { cook: cooks[each.worker].id } : {},
    units: each.units.map((unit) => kit[unit].id),
    oven: Math.max(0, each.chamber),
    racks: [...each.shelves],
    ...way.id ? { way: way.id } : {},
    bentC: way.bentC,
    attention: each.attention.map((point) => ({ startMin: point.startMin, endMin: point.endMin, cook: cooks[point.worker].id, what: way.attention[point.index].what }))
  };
}
function washOf(occasion, network, problem, wash, number2) {
  const { kit, cooks } = occasion.kitchen;
  return {
    kind: "wash",
    id: `wash-${number2}`,
    startMin: wash.startMin,
    endMin: wash.endMin,
    cook: cooks[wash.worker].id,
    units: wash.units.map((unit) => kit[unit].id),
    hands: true,
    because: wash.because.map(({ unit, marks: found, before: before2 }) => ({
      unit: unit >= 0 ? kit[unit].id : "hands",
      hazards: found.map((mark) => marks[mark]),
      before: problem.activities[before2].id,
      guests: guestsBehind(network, problem.activities[before2].id, found)
    }))
  };
}
var ovenOf = (heat, number2) => ({ kind: "oven", id: `oven-${number2}`, oven: heat.chamber, startMin: heat.startMin, endMin: heat.readyMin, untilMin: heat.untilMin, temperatureC: heat.temperatureC });
function guestsBehind(network, task, found) {
  const names = new Set(found.map((mark) => marks[mark]));
  const own = (network.tasks.find((each) => each.id === task)?.guards ?? []).filter((guard) => names.has(guard.mark)).flatMap((guard) => guard.guests);
  return [...new Set(own)];
}
function orderOf(occasion, network, plan2) {
  const steps = new Map(plan2.tasks.flatMap((task) => task.kind === "step" ? [[task.id, task]] : []));
  if (!network.tasks.every((task) => steps.has(task.id))) return void 0;
  const inTime3 = network.tasks.map((task, index) => ({ index, planned: steps.get(task.id) })).sort((a, b) => b.planned.endMin - a.planned.endMin || b.planned.startMin - a.planned.startMin);
  const modes = network.tasks.map((task) => Math.max(0, usableWays(occasion, task).findIndex((way) => way.id === steps.get(task.id).way && way.bentC === steps.get(task.id).bentC)));
  return { line: Int32Array.from(inTime3, (each) => each.index), modes: Uint8Array.from(modes) };
}

// packages/core/src/plan/quality.ts
function planFigures(occasion, plan2) {
  const network = tasksOf(occasion, fit(occasion));
  const numbers = new Map(network.tasks.map((task, index) => [task.id, index]));
  const cook = (id) => occasion.kitchen.cooks.findIndex((each) => each.id === id);
  const placed = plan2.tasks.flatMap((planned) => {
    const activity = planned.kind === "step" ? numbers.get(planned.id) : void 0;
    if (planned.kind !== "step" || activity === void 0) return [];
    const mode = usableWays(occasion, network.tasks[activity]).findIndex((way) => way.id === planned.way && way.bentC === planned.bentC);
    return [{ activity, mode: Math.max(0, mode), startMin: planned.startMin, endMin: planned.endMin, worker: cook(planned.cook), attention: planned.attention.map((point, index) => ({ ...point, worker: cook(point.cook), index })) }];
  });
  return figuresOf(compile(occasion, network), placed, plan2.tasks.filter((task) => task.kind === "wash"));
}

// packages/core/src/plan/resume.ts
var heatEnds = (mark, coreC) => {
  const safeC = mark === "unread" ? void 0 : hazardOf(mark).safeCoreC;
  return safeC !== void 0 && coreC !== void 0 && coreC >= safeC;
};
function residuesOf(occasion, network, { plan: plan2, done, running }) {
  const on = /* @__PURE__ */ new Map();
  const picked = /* @__PURE__ */ new Map();
  const tasks2 = new Map(network.tasks.map((task) => [task.id, task]));
  const lineage = new Map(network.batches.map((batch) => [batch.id, batch.lineage]));
  const been = plan2.tasks.filter((task) => task.kind !== "oven" && (done.has(task.id) || running.has(task.id)));
  const order = (task) => task.kind === "wash" ? task.endMin : task.startMin;
  for (const each of [...been].sort((a, b) => order(a) - order(b) || (a.kind === "wash" ? -1 : 1))) {
    if (each.kind === "wash") {
      if (each.hands) on.delete(`hands:${each.cook}`);
      for (const unit of each.units) if (cleaningOf(occasion.kitchen.kit.find((one) => one.id === unit)?.material ?? "wood").comesClean) on.delete(unit);
      continue;
    }
    const task = tasks2.get(each.id);
    const surfaces = [...each.units, ...each.cook ? [`hands:${each.cook}`] : []];
    const carries = task?.carries ?? heldBy2(plan2, network, each);
    const all = new Map([...carries, ...surfaces.flatMap((surface) => [...on.get(surface)?.values() ?? []]), ...picked.get(each.batch)?.values() ?? []].map((carry) => [`${carry.mark}/${carry.origin}`, carry]));
    const own = new Set(lineage.get(each.batch) ?? [each.batch]);
    for (const [key2, carry] of all) if (!own.has(carry.origin)) picked.set(each.batch, (picked.get(each.batch) ?? /* @__PURE__ */ new Map()).set(key2, carry));
    const left = each.cook === void 0 ? new Map([...all].filter(([, { mark }]) => !heatEnds(mark, task?.step.coreC))) : all;
    for (const surface of surfaces) on.set(surface, left);
  }
  const into = new Map(network.batches.map((batch) => [batch.id, batch.lineage.flatMap((id) => [...picked.get(id)?.values() ?? []])]));
  return { on, picked: into };
}
function heldBy2(plan2, network, step) {
  const batch = plan2.batches.find((each) => each.id === step.batch);
  const like = network.tasks.filter((task) => network.batches.some((each) => each.id === task.batch && each.dish === batch?.dish));
  const known2 = like.length > 0 ? like.flatMap((task) => task.carries.map(({ mark }) => mark)) : [...hazards.map((hazard) => hazard.id), "unread"];
  return known2.map((mark) => ({ mark, origin: step.batch }));
}
function ovenNowC(occasion, { plan: plan2, done, running, nowMin }, oven) {
  const { heatsCPerMin = rules.ovenHeatsCPerMin } = ovensOf(occasion.kitchen)[oven];
  const phases = plan2.tasks.filter((task) => task.kind === "oven" && task.oven === oven && done.has(task.id));
  const last = phases.at(-1);
  const loaded = plan2.tasks.some((task) => task.kind === "step" && running.has(task.id) && task.racks.length > 0 && task.oven === oven);
  if (last && loaded) return last.temperatureC;
  if (!last || last.untilMin < nowMin) return rules.roomC;
  return last.endMin <= nowMin ? last.temperatureC : Math.min(last.temperatureC, Math.round(rules.roomC + heatsCPerMin * (nowMin - last.startMin)));
}
function restOf(occasion, network, standpoint, patient) {
  const { plan: plan2, done, running, nowMin } = standpoint;
  const whole2 = compile(occasion, network);
  const { kitchen } = occasion;
  const planned = new Map(plan2.tasks.flatMap((task) => task.kind === "step" ? [[task.id, task]] : []));
  const batchNumber = new Map(network.batches.map((batch, index) => [batch.id, index]));
  const originNumber = (id) => {
    const known2 = batchNumber.get(id) ?? batchNumber.size;
    batchNumber.set(id, known2);
    return known2;
  };
  const { on, picked } = residuesOf(occasion, network, standpoint);
  const numbered2 = (list) => [...list].map(({ mark, origin }) => ({ mark: marks.indexOf(mark), origin: originNumber(origin) }));
  const left = network.tasks.flatMap((task, index) => done.has(task.id) ? [] : [{ task, index }]);
  const place2 = new Map(left.map(({ index }, at3) => [index, at3]));
  const unitAt = new Map(kitchen.kit.map((unit, index) => [unit.id, index]));
  const cookAt = new Map(kitchen.cooks.map((cook, index) => [cook.id, index]));
  const inUse = /* @__PURE__ */ new Set();
  const heldOn = /* @__PURE__ */ new Map();
  for (const task of network.tasks) {
    if (!done.has(task.id) && !running.has(task.id)) continue;
    const step = planned.get(task.id);
    const way = task.ways.find((each) => each.id === step.way && each.bentC === step.bentC) ?? task.ways[0];
    way.kit.forEach((use, at3) => {
      if (use.hold !== void 0 && step.units[at3] !== void 0) heldOn.set(use.hold, step.units[at3]);
    });
  }
  const begun = new Set(plan2.tasks.flatMap((task) => task.kind === "step" && (done.has(task.id) || running.has(task.id)) ? [task.batch] : []));
  const activities = left.map(({ task, index }) => {
    const waits = patient && network.batches.find((batch) => batch.id === task.batch).lineage.some((batch) => begun.has(batch));
    const activity = waits ? withPatience(whole2.activities[index]) : whole2.activities[index];
    const extra = numbered2(picked.get(task.batch) ?? []);
    const linked2 = activity.before.flatMap((link) => {
      const at3 = place2.get(link.activity);
      return at3 === void 0 ? [] : [{ ...link, activity: at3 }];
    });
    const step = running.has(task.id) ? planned.get(task.id) : void 0;
    if (step) {
      const way = Math.max(0, usableWays(occasion, task).findIndex((each) => each.id === step.way && each.bentC === step.bentC));
      const mode = fixedMode(activity.modes[way] ?? activity.modes[0], step, nowMin, (id) => unitAt.get(id), ovenNowC(occasion, standpoint, step.oven));
      const surfaces = [...step.units, ...step.cook ? [`hands:${step.cook}`] : []];
      for (const each of surfaces) inUse.add(each);
      const met = surfaces.flatMap((unit) => [...on.get(unit)?.values() ?? []]);
      return { ...activity, modes: [mode], workers: step.cook === void 0 ? activity.workers : [cookAt.get(step.cook)], carries: [...activity.carries, ...extra, ...numbered2(met)], guards: [], before: linked2, notBeforeMin: nowMin - 1, endsByMin: step.endMin };
    }
    const past2 = activity.before.filter((link) => !place2.has(link.activity)).map((link) => ({ ...link, endMin: planned.get(network.tasks[link.activity].id)?.endMin ?? nowMin }));
    const earliest2 = Math.max(nowMin, activity.notBeforeMin ?? -Infinity, ...past2.map((link) => link.endMin + link.leastMin));
    const longest2 = Math.max(...activity.modes.map((mode) => mode.durationMin));
    const latestEnd2 = Math.min(activity.endsByMin ?? Infinity, ...past2.map((link) => Math.max(earliest2, link.endMin + link.mostMin) + longest2));
    const modes = activity.modes.map((mode) => ({ ...mode, uses: mode.uses.map((use) => {
      const unit = use.hold === void 0 ? void 0 : heldOn.get(use.hold);
      return unit === void 0 ? use : { ...use, only: [unitAt.get(unit)] };
    }) }));
    return { ...activity, modes, carries: [...activity.carries, ...extra], before: linked2, notBeforeMin: earliest2, endsByMin: Number.isFinite(latestEnd2) ? latestEnd2 : void 0 };
  });
  const before2 = earlier(occasion, network, standpoint, { on, inUse, heldOn, numbered: numbered2, unitAt, cookAt, barred: whole2.units.map((unit) => unit.barred) });
  before2.forEach(({ hold }, at3) => {
    if (hold === void 0) return;
    activities.forEach((activity, index) => {
      if (activity.modes.some((mode) => mode.uses.some((use) => use.hold === hold))) activities[index] = { ...activity, before: [...activity.before, { activity: activities.length + at3, leastMin: 0, mostMin: Infinity }] };
    });
  });
  return {
    problem: {
      ...whole2,
      activities: [...activities, ...before2.map((each) => each.activity)],
      workers: whole2.workers.map((worker) => ({ ...worker, windows: [{ fromMin: nowMin - 1, toMin: nowMin }, ...worker.windows.flatMap(({ fromMin, toMin }) => toMin > nowMin ? [{ fromMin: Math.max(nowMin, fromMin), toMin }] : [])].reduce(joined2, []) }))
    },
    taskOf: [...left.map(({ task }) => task), ...before2.map(() => void 0)]
  };
}
var withPatience = (activity) => ({ ...activity, mostHoldMin: activity.mostHoldMin === void 0 ? void 0 : Infinity, before: activity.before.map((link) => ({ ...link, mostMin: Infinity })) });
var joined2 = (windows, next) => {
  const last = windows.at(-1);
  if (last && last.toMin === next.fromMin) last.toMin = next.toMin;
  else windows.push({ ...next });
  return windows;
};
function fixedMode(mode, step, nowMin, unit, ovenC) {
  return {
    ...mode,
    durationMin: step.endMin - (nowMin - 1),
    attention: step.attention.flatMap((point) => point.startMin >= nowMin ? [{ atMin: point.startMin - (nowMin - 1), takesMin: point.endMin - point.startMin }] : []),
    uses: mode.uses.map((use, at3) => ({ ...use, only: step.units[at3] === void 0 ? use.only : [unit(step.units[at3])] })),
    chamber: mode.chamber && { ...mode.chamber, in: [step.oven], shelf: Math.min(...step.racks), ...ovenC > rules.roomC ? { wishC: ovenC, lowC: ovenC, highC: ovenC } : {} },
    bent: false
  };
}
function earlier(occasion, network, standpoint, { on, inUse, heldOn, numbered: numbered2, unitAt, cookAt, barred }) {
  const { plan: plan2, running, nowMin } = standpoint;
  const stand = (id, mode, carries, workers) => ({
    id,
    modes: [{ durationMin: 1, attention: [], flame: false, ...mode }],
    workers,
    dust: [],
    carries,
    guards: [],
    ends: [],
    before: [],
    dueMin: nowMin,
    notBeforeMin: nowMin - 1,
    endsByMin: nowMin
  });
  const stillHeld = /* @__PURE__ */ new Map();
  for (const task of network.tasks) {
    if (standpoint.done.has(task.id)) continue;
    for (const way of task.ways) for (const use of way.kit) {
      const unit = use.hold === void 0 ? void 0 : heldOn.get(use.hold);
      if (unit !== void 0 && !inUse.has(unit)) stillHeld.set(unit, use.hold);
    }
  }
  const found = [];
  for (const unit of occasion.kitchen.kit) {
    const residues = on.get(unit.id);
    const hold = stillHeld.get(unit.id);
    if (inUse.has(unit.id) || (residues?.size ?? 0) === 0 && hold === void 0) continue;
    const carries = numbered2(residues?.values() ?? []).filter(({ mark }) => !barred[unitAt.get(unit.id)].includes(mark));
    found.push({ hold, activity: stand(`before/${unit.id}`, { handsOn: false, uses: [{ kind: unit.kind, only: [unitAt.get(unit.id)], hold }] }, carries) });
  }
  for (const cook of occasion.kitchen.cooks) {
    const residues = on.get(`hands:${cook.id}`);
    if (residues && residues.size > 0 && !inUse.has(`hands:${cook.id}`)) found.push({ activity: stand(`before/hands:${cook.id}`, { handsOn: true, uses: [] }, numbered2(residues.values()), [cookAt.get(cook.id)]) });
  }
  ovensOf(occasion.kitchen).forEach((_, oven) => {
    const temperatureC = ovenNowC(occasion, standpoint, oven);
    const loaded = plan2.tasks.some((task) => task.kind === "step" && running.has(task.id) && task.racks.length > 0 && task.oven === oven);
    if (loaded || temperatureC <= rules.roomC) return;
    found.push({ activity: stand(`before/oven-${oven}`, { handsOn: false, uses: [], chamber: { in: [oven], wishC: temperatureC, lowC: temperatureC, highC: temperatureC, shelves: 1, covered: true, alone: false } }, []) });
  });
  return found;
}

// packages/core/src/plan/rest.ts
function* planningRest(occasion, standpoint, { seed = 1, seconds = 0.1, firstEffort, patient = false } = {}, table3 = fit(occasion)) {
  const network = tasksOf(occasion, table3);
  const rest = restOf(occasion, network, standpoint, patient);
  if (rest.problem.activities.every((_, index) => rest.taskOf[index] === void 0)) return { ...standpoint.plan, basis: basisOf(occasion) };
  if (provenClash(rest.problem)) return void 0;
  const search = solve(rest.problem, { seed, effort: seconds * effortPerSecond, ...firstEffort === void 0 ? {} : { firstEffort }, from: orderOf2(occasion, rest, standpoint.plan) });
  for (; ; ) {
    const next = search.next();
    if (next.done) return isStuck(next.value) ? void 0 : whole(occasion, network, rest, standpoint, next.value, seed);
    yield next.value.kind === "found" ? whole(occasion, network, rest, standpoint, next.value.timetable, seed) : void 0;
  }
}
function whole(occasion, network, rest, { plan: plan2, done, running, nowMin }, timetable, seed) {
  const old = new Map(plan2.tasks.map((task) => [task.id, task]));
  const been = plan2.tasks.filter((task) => done.has(task.id));
  const last = (kind) => Math.max(0, ...plan2.tasks.flatMap((task) => task.kind === kind ? [Number(/\d+$/.exec(task.id)?.[0] ?? 0)] : []));
  const steps = timetable.placed.flatMap((each) => {
    const task = rest.taskOf[each.activity];
    if (!task) return [];
    const before2 = old.get(task.id);
    if (!running.has(task.id) || before2?.kind !== "step") return [stepOf(occasion, task, each)];
    const looks = each.attention.map((point, at3) => ({ startMin: point.startMin, endMin: point.endMin, cook: occasion.kitchen.cooks[point.worker].id, what: before2.attention.filter((one) => one.startMin >= nowMin)[at3].what }));
    return [{ ...before2, attention: [...before2.attention.filter((one) => one.startMin < nowMin), ...looks] }];
  });
  const firstWash = last("wash") + 1;
  const washes = timetable.washes.map((wash, index) => washOf(occasion, network, rest.problem, wash, firstWash + index));
  const firstOven = last("oven") + 1;
  const ovens2 = [];
  const kept = new Map(been.flatMap((task) => task.kind === "oven" ? [[task.id, task]] : []));
  for (const heat of timetable.heats) {
    const standing = heat.startMin < nowMin ? [...kept.values()].filter((each) => each.oven === heat.chamber && each.startMin <= nowMin).at(-1) : void 0;
    if (!standing) ovens2.push(ovenOf(heat, firstOven + ovens2.length));
    else kept.set(standing.id, { ...standing, temperatureC: heat.temperatureC, endMin: Math.min(standing.endMin, Math.max(standing.startMin, heat.readyMin, nowMin)), untilMin: heat.untilMin });
  }
  const known2 = new Set(network.batches.map((batch) => batch.id));
  const gone = plan2.batches.filter((batch) => !known2.has(batch.id) && been.some((task) => task.kind === "step" && task.batch === batch.id));
  const tasks2 = inTime2([...been.flatMap((task) => task.kind === "oven" ? kept.get(task.id) ?? [] : task), ...steps, ...washes, ...ovens2]);
  return { format: "lupin.plan/1", occasion: occasion.id, basis: basisOf(occasion), seed, batches: [...batchesOf2(network), ...gone], tasks: tasks2, lowerBoundMin: plan2.lowerBoundMin };
}
function orderOf2(occasion, { taskOf, problem }, plan2) {
  const steps = new Map(plan2.tasks.flatMap((task) => task.kind === "step" ? [[task.id, task]] : []));
  if (taskOf.some((task) => task && !steps.has(task.id))) return void 0;
  const ends = taskOf.map((task, index) => ({ index, endMin: task ? steps.get(task.id).endMin : -Infinity, startMin: task ? steps.get(task.id).startMin : -Infinity }));
  const modes = taskOf.map((task, at3) => task && problem.activities[at3].modes.length > 1 ? Math.max(0, usableWays(occasion, task).findIndex((way) => way.id === steps.get(task.id).way && way.bentC === steps.get(task.id).bentC)) : 0);
  return { line: Int32Array.from(ends.sort((a, b) => b.endMin === a.endMin ? b.startMin - a.startMin || 0 : b.endMin - a.endMin), (each) => each.index), modes: Uint8Array.from(modes) };
}

// packages/core/src/audit/facts.ts
function doneThisWay(written, task) {
  if (task.way === void 0) return written.oven && task.bentC !== 0 ? { ...written, oven: { ...written.oven, temperatureC: written.oven.temperatureC + task.bentC } } : written;
  const way = written.alternatives.find((each) => each.id === task.way);
  if (!way) return void 0;
  const { oven: _none, ...rest } = written;
  return { ...rest, title: way.name, durationMin: way.durationMin, hands: way.hands, kit: way.kit, burner: way.burner, attention: [] };
}
function gather(occasion, plan2) {
  const table3 = fit(occasion);
  const strangers = [];
  const guests = new Map(occasion.guests.map((guest) => [guest.id, guest]));
  const batches = /* @__PURE__ */ new Map();
  const eaten = /* @__PURE__ */ new Map();
  for (const row of table3.rows) {
    for (const made of row.versions) {
      if (made.eaters.length > 0) eaten.set(`${row.dish.id}/${made.version.id}`, { dish: row.dish, recipe: made.recipe, name: made.recipe.name });
    }
  }
  const unlike = [];
  const places2 = plan2.batches.flatMap((planned) => partPlaces(occasion, planned));
  for (const planned of plan2.batches) {
    if (planned.component) {
      const here = places2.filter((each) => each.batch === planned.id);
      const parts = here.flatMap((each) => each.part ?? []);
      const dish = occasion.dishes.find((each) => each.id === planned.dish);
      if (!dish || parts.length === 0) {
        strangers.push(`batch ${planned.id}`);
        continue;
      }
      const recipe2 = parts[0].made;
      if (parts.length < here.length || parts.some((part) => part.recipe.id !== planned.component.recipe || part.sameAs !== parts[0].sameAs)) unlike.push(recipe2.name);
      const eaters = new Set(here.flatMap((each) => table3.rows.find((row2) => row2.dish.id === each.dish)?.versions.find((made) => made.version.id === each.version)?.eaters ?? []));
      batches.set(planned.id, { planned, dish, recipe: recipe2, dishName: recipe2.name, eaters: occasion.guests.filter((guest) => eaters.has(guest.id)), lineage: /* @__PURE__ */ new Set([planned.id]), served: false, from: [], factor: planned.portions / recipe2.portions });
      continue;
    }
    const row = table3.rows.find((each) => each.dish.id === planned.dish);
    const versions = row?.versions.filter((each) => planned.versions.includes(each.version.id)) ?? [];
    if (!row || versions.length === 0 || versions.length !== planned.versions.length) {
      strangers.push(`batch ${planned.id}`);
      continue;
    }
    const recipe = versions.length === 1 ? versions[0].recipe : versionRecipe(occasion, row.dish, row.dish.versions[0]);
    const from2 = places2.filter((each) => each.part && each.dish === planned.dish && each.version === versions[0].version.id && versions.every(({ version }) => places2.some((other) => other.batch === each.batch && other.dish === each.dish && other.version === version.id && other.path === each.path)));
    batches.set(planned.id, {
      planned,
      dish: row.dish,
      recipe,
      dishName: recipe.name,
      eaters: versions.flatMap((each) => each.eaters).map((id) => guests.get(id)),
      lineage: /* @__PURE__ */ new Set([planned.id, ...planned.base ? [planned.base] : [], ...from2.map((each) => each.batch)]),
      served: planned.lost !== true,
      from: from2.map(({ batch, part }) => ({ batch, steps: stepsOfPart(part), kit: kitOfPart(part) })),
      factor: planned.portions / recipe.portions
    });
  }
  const steps = [];
  for (const task of plan2.tasks) {
    if (task.kind !== "step") continue;
    const batch = batches.get(task.batch);
    const written = batch?.recipe.steps.find((each) => each.id === task.step);
    const step = written && doneThisWay(written, task);
    if (batch && step) steps.push({ task, batch, step, written });
    else strangers.push(`step ${task.id}`);
  }
  return {
    occasion,
    batches,
    steps,
    washes: plan2.tasks.filter((task) => task.kind === "wash"),
    ovens: plan2.tasks.filter((task) => task.kind === "oven"),
    strangers,
    unlike,
    eaten
  };
}
function partPlaces(occasion, planned) {
  return (planned.component?.into ?? []).map(({ dish: id, version: versionId, path }) => {
    const dish = occasion.dishes.find((each) => each.id === id);
    const version = dish?.versions.find((each) => each.id === versionId);
    const part = dish && version && versionParts(occasion, dish, version).find((each) => each.path.join() === path.join());
    return { batch: planned.id, dish: id, version: versionId, path: path.join(), part };
  });
}
function residueOf(recipe, lineId, occasion) {
  const line = recipe.lines.find((each) => each.id === lineId);
  if (!line) return [];
  const strange = occasion.dishes.some(({ recipe: id, brought }) => id === recipe.id && brought !== void 0 && !brought.sealed);
  const marks2 = strange ? ["unread"] : [];
  for (const { about } of lineEvidence(line, knowledgeOf(occasion))) {
    if (about.kind === "unread" || about.kind === "unknown") marks2.push("unread");
    else if (about.kind === "hazard") marks2.push(about.hazard);
  }
  return marks2;
}
function forbiddenTo(guest) {
  const marks2 = /* @__PURE__ */ new Set();
  for (const need of guest.needs) {
    if (need.kind === "open" || need.strictness !== "no-trace") continue;
    for (const avoided of avoidedBy(need)) {
      const near = [avoided, ...membersOf(avoided), ...hazardOf(avoided).groups, ...hazardOf(avoided).related];
      for (const mark of near) marks2.add(mark);
    }
  }
  if (marks2.size > 0) marks2.add("unread");
  return marks2;
}
var isRaw = (mark) => mark !== "unread" && hazardOf(mark).kind === "raw";
var markName = (mark) => mark === "unread" ? "something unread" : hazardOf(mark).name;
function linksOf(recipe, step) {
  if (step.after) return step.after;
  const before2 = recipe.steps[recipe.steps.findIndex((each) => each.id === step.id) - 1];
  return before2 ? [{ step: before2.id, leastMin: 0 }] : [];
}
function allDoing(facts, batch, step) {
  return facts.steps.filter((each) => {
    const id = each.batch.planned.id;
    if (each.step.id === step && (each.batch === batch || batch.planned.base === id)) return true;
    return batch.from.some((component) => component.batch === id && component.steps.get(step) === each.step.id);
  });
}
function doing(facts, batch, step) {
  const all = allDoing(facts, batch, step);
  return all.find((each) => each.batch === batch) ?? all[0];
}
function heldAs(batch, kind, as) {
  const component = batch.from.find((each) => each.kit.has(as));
  return component ? `${component.batch}/${kind}/${component.kit.get(as)}` : `${batch.planned.id}/${kind}/${as}`;
}
function leastMin({ step, batch, written, task }) {
  const grow = step.grows && step.hands === "on" ? Math.max(0.5, batch.factor ** rules.handsOnExponent) : 1;
  const bent2 = written.oven && task.way === void 0 && task.bentC !== 0 ? bentTimeFactor(written.oven.temperatureC, task.bentC) : 1;
  return Math.max(1, Math.floor(step.durationMin.least * Math.min(1, grow) * bent2));
}
function clock(occasion, moment) {
  const [hours, minutes] = occasion.serveAt.split(":").map(Number);
  const total = hours * 60 + minutes + moment;
  const day = Math.floor(total / 1440);
  const within2 = (total % 1440 + 1440) % 1440;
  const text = `${String(Math.floor(within2 / 60)).padStart(2, "0")}:${String(within2 % 60).padStart(2, "0")}`;
  return day === 0 ? text : day === -1 ? `${text} the day before` : day < 0 ? `${text}, ${-day} days before` : `${text} the day after`;
}
var named2 = (occasion, { task, step, batch }) => `\u201C${step.title}\u201D (${batch.dishName}, ${clock(occasion, task.startMin)})`;

// packages/core/src/audit/finding.ts
var rulesOfAudit = {
  "stale": "The plan rests on this occasion as it stands now.",
  "unknown-name": "The plan names only cooks, kit, dishes and steps that exist.",
  "missing-step": "Every step of every dish that somebody eats is done once.",
  "shared": "What is cooked once for several dishes is the same in all of them.",
  "too-short": "No step is given less than its least time.",
  "order": "Steps follow each other as the recipe says, with its least waits.",
  "waits-too-long": "Nothing waits longer than the recipe allows.",
  "late": "Every dish is ready when its course is served.",
  "stands-too-long": "No finished dish stands longer than it can.",
  "kit": "Every step has the kit it needs, and food keeps the piece it is in.",
  "kit-twice": "No piece of kit does two things at once.",
  "cook-missing": "A cook is there for everything that needs hands or eyes.",
  "cook-twice": "No cook does two things at once.",
  "cook-away": "Cooks work only while they are in the kitchen.",
  "chore": "No cook does what they leave to others.",
  "pin": "What the cook has fixed is kept.",
  "sink": "One wash at a time at the sink.",
  "way": "A step is done as the recipe allows: a way it offers, or a bake bent no further than it may be.",
  "oven-temperature": "The oven is at the temperature each load needs, and had time to reach it.",
  "oven-room": "No rack holds two loads, and nothing shares the grill.",
  "oven-drip": "Nothing uncovered stands above a dish that is free from what it holds.",
  "burners": "No more pots are on the heat than there are burners.",
  "wash-too-short": "Every wash has the time it takes.",
  "wash-in-vain": "Only kit that comes clean counts as washed.",
  "kept-free": "Kit kept free from something never meets it.",
  "unclean-past": "Kit that never comes clean is not used for those who must not have a trace.",
  "flour": "Nothing that must stay free from flour is open while it is in the air.",
  "crossing": "No residue on kit or hands reaches a plate that must not have it.",
  "raw-crossing": "Nothing raw reaches food that is not cooked afterwards, or other food at all before a wash.",
  "raw-served": "Everything raw is cooked to its core temperature before it is served."
};

// packages/core/src/audit/oven.ts
function auditOven(facts, replay) {
  const { occasion } = facts;
  const ovens2 = [occasion.kitchen.oven, ...occasion.kitchen.moreOvens];
  const findings = [];
  const loads = facts.steps.filter((each) => each.step.oven);
  for (const each of loads) {
    const { task, step } = each;
    const use = step.oven;
    const oven = ovens2[task.oven];
    const wrong = (code, message) => void findings.push({ code, message: `${named2(occasion, each)} ${message}`, tasks: [task.id], guests: [] });
    if (!oven || oven.racks === 0) {
      wrong("unknown-name", "is for an oven that the kitchen has not.");
      continue;
    }
    const now2 = facts.ovens.find((turned) => turned.oven === task.oven && turned.endMin <= task.startMin && turned.untilMin >= task.endMin);
    if (!now2) wrong("oven-temperature", "needs the oven, which is not on, or not yet hot.");
    else if (Math.abs(now2.temperatureC - use.temperatureC) > use.toleranceC || now2.temperatureC > oven.mostC || now2.temperatureC < oven.leastC) wrong("oven-temperature", `wants ${use.temperatureC} \xB0C; the oven is at ${now2.temperatureC} \xB0C.`);
    if (use.grill && !oven.grill) wrong("oven-temperature", `wants a grill; ${oven.name} has none.`);
    if (task.racks.length < Math.min(use.racks, oven.racks) || task.racks.some((rack) => rack >= oven.racks) || new Set(task.racks).size !== task.racks.length) wrong("oven-room", "has no rack in the oven.");
    findings.push(...bent(occasion, each));
  }
  for (const each of facts.steps) if (!each.written.oven && each.task.bentC !== 0) findings.push({ code: "way", message: `${named2(occasion, each)} is not baked, and cannot be baked hotter or cooler.`, tasks: [each.task.id], guests: [] });
  loads.forEach((one, i) => loads.slice(i + 1).forEach((two) => {
    if (one.task.oven === two.task.oven) findings.push(...together(facts, one, two, replay));
  }));
  ovens2.forEach((_, number2) => findings.push(...heating(facts, number2)));
  return findings;
}
function bent(occasion, each) {
  const { task, written } = each;
  if (task.bentC === 0) return [];
  const use = written.oven;
  const said = (why) => [{ code: "way", message: `${named2(occasion, each)} is baked ${Math.abs(task.bentC)} \xB0C ${task.bentC < 0 ? "cooler" : "hotter"} than written: ${why}.`, tasks: [task.id], guests: [] }];
  if (Math.abs(task.bentC) > rules.ovenBendsC) return said(`more than the ${rules.ovenBendsC} \xB0C for which a time can be guessed`);
  if (use.grill) return said("under the grill there is no slack");
  if (use.toleranceC < 10) return said("its recipe is strict about the heat");
  if (written.coreC !== void 0 && use.temperatureC + task.bentC - use.toleranceC < rules.meatRoastsAtC) return said(`what must be cooked through does not go under ${rules.meatRoastsAtC} \xB0C`);
  return [];
}
function heating({ occasion, ovens: ovens2 }, number2) {
  const kitchen = [occasion.kitchen.oven, ...occasion.kitchen.moreOvens][number2];
  const sorted = ovens2.filter((oven) => oven.oven === number2).sort((a, b) => a.endMin - b.endMin);
  return sorted.flatMap((oven, index) => {
    const before2 = sorted[index - 1];
    const cold = !before2 || oven.startMin - before2.untilMin > 90;
    const from2 = cold ? rules.roomC : before2.temperatureC;
    const [heats, cools] = [kitchen.heatsCPerMin ?? rules.ovenHeatsCPerMin, kitchen.coolsCPerMin ?? rules.ovenCoolsCPerMin];
    const needed = oven.temperatureC >= from2 ? (oven.temperatureC - from2) / heats : (from2 - oven.temperatureC) / cools;
    const has = oven.endMin - Math.max(oven.startMin, before2 && !cold ? before2.untilMin : -Infinity);
    const found = [];
    if (before2 && oven.endMin < before2.untilMin) found.push({ code: "oven-temperature", message: `At ${clock(occasion, oven.endMin)} the oven would be at ${before2.temperatureC} and ${oven.temperatureC} \xB0C at once.`, tasks: [before2.id, oven.id], guests: [] });
    else if (has + 1 <= needed) found.push({ code: "oven-temperature", message: `At ${clock(occasion, oven.startMin)} the oven has ${has} min to get from ${from2} to ${oven.temperatureC} \xB0C; it takes ${Math.ceil(needed)}.`, tasks: [oven.id], guests: [] });
    return found;
  });
}
function together({ occasion }, one, two, replay) {
  if (one.task.startMin >= two.task.endMin || two.task.startMin >= one.task.endMin) return [];
  const tasks2 = [one.task.id, two.task.id];
  const findings = [];
  if (one.task.racks.some((rack) => two.task.racks.includes(rack))) findings.push({ code: "oven-room", message: `${named2(occasion, one)} and ${named2(occasion, two)} are on one rack.`, tasks: tasks2, guests: [] });
  if (one.step.oven.grill || two.step.oven.grill) findings.push({ code: "oven-room", message: `${named2(occasion, one)} and ${named2(occasion, two)} share the oven while the grill is on.`, tasks: tasks2, guests: [] });
  const [above, below] = Math.min(...one.task.racks) < Math.min(...two.task.racks) ? [one, two] : [two, one];
  if (!above.step.oven.covered) {
    const drips = replay.foodOf(above.task.id).filter((token) => !below.batch.lineage.has(token.origin));
    for (const guest of below.batch.eaters) {
      const bad = drips.filter((token) => forbiddenTo(guest).has(token.mark));
      if (bad.length > 0) findings.push({ code: "oven-drip", message: `${named2(occasion, above)} stands uncovered above ${named2(occasion, below)}: ${bad.map((token) => markName(token.mark)).join(", ")} could drip on ${guest.name}'s plate.`, tasks: tasks2, guests: [guest.id] });
    }
  }
  return findings;
}

// packages/core/src/audit/pins.ts
function auditPins(facts) {
  const { occasion, steps } = facts;
  return occasion.wishes.pins.flatMap((pin) => {
    const each = steps.find(({ task: task2 }) => task2.id === pin.task);
    if (!each) return [];
    const { task, step } = each;
    const wrong = [];
    if (pin.startsAtMin !== void 0 && task.startMin !== pin.startsAtMin) wrong.push(`was fixed to ${clock(occasion, pin.startsAtMin)}`);
    if (pin.notBeforeMin !== void 0 && task.startMin < pin.notBeforeMin) wrong.push(`was not to begin before ${clock(occasion, pin.notBeforeMin)}`);
    if (pin.endsByMin !== void 0 && task.endMin > pin.endsByMin) wrong.push(`was to be done by ${clock(occasion, pin.endsByMin)}`);
    const hands = [...task.cook ? [task.cook] : [], ...task.attention.map((point) => point.cook)];
    if (pin.cook !== void 0 && hands.some((cook) => cook !== pin.cook)) wrong.push("was given to another cook");
    if (pin.oven !== void 0 && step.oven && task.oven !== pin.oven) wrong.push("was fixed to another oven");
    if (pin.rack !== void 0 && step.oven && Math.min(...task.racks) !== pin.rack) wrong.push("was fixed to another rack");
    if (pin.spareMin !== void 0 && shortOf(facts, each, pin.spareMin)) wrong.push(`was to have ${pin.spareMin} min to spare after it`);
    const kind = occasion.kitchen.kit.find((unit) => unit.id === pin.unit)?.kind;
    if (kind !== void 0 && step.kit.some((use) => use.kind === kind) && !task.units.includes(pin.unit)) wrong.push("was fixed to another piece of kit");
    return wrong.map((what) => ({ code: "pin", message: `${named2(occasion, each)} ${what}.`, tasks: [task.id], guests: [] }));
  });
}
function shortOf(facts, { task, batch }, spareMin) {
  let followed = false;
  for (const later2 of facts.steps) {
    for (const link of linksOf(later2.batch.recipe, later2.written)) {
      if (doing(facts, later2.batch, link.step)?.task.id !== task.id) continue;
      followed = true;
      if (later2.task.startMin - task.endMin < Math.min(link.leastMin + spareMin, link.mostMin ?? Infinity)) return true;
    }
  }
  const course = facts.occasion.courses.find((each) => each.id === batch.dish.course);
  return !followed && course !== void 0 && course.offsetMin - task.endMin < Math.min(spareMin, batch.recipe.hold.mostMin);
}

// packages/core/src/audit/residues.ts
var past = "before the day";
var key = (token) => `${token.mark}/${token.origin}`;
function union(...lists) {
  const all = /* @__PURE__ */ new Map();
  for (const list of lists) for (const token of list) if (!all.has(key(token))) all.set(key(token), token);
  return [...all.values()];
}
function replayResidues(facts) {
  const { occasion } = facts;
  const findings = [];
  const on = /* @__PURE__ */ new Map();
  const timeline = /* @__PURE__ */ new Map();
  const food = /* @__PURE__ */ new Map();
  const reported = /* @__PURE__ */ new Set();
  const anything = hazards.filter((hazard) => hazard.kind !== "raw").map((hazard) => hazard.id);
  for (const unit of occasion.kitchen.kit) {
    if (cleaningOf(unit.material).comesClean || unit.keptFreeOf.length > 0) continue;
    on.set(unit.id, [...anything, "unread"].map((mark) => ({ mark, origin: past, from: past })));
  }
  const set = (surface, tokens, at3, by) => {
    on.set(surface, tokens);
    const marks2 = [...new Set(tokens.map((token) => token.mark))];
    timeline.set(surface, [...timeline.get(surface) ?? [], { fromMin: at3, marks: marks2, by }]);
  };
  const events2 = [];
  for (const wash of facts.washes) events2.push({ at: wash.endMin, order: 0, run: () => washUp2(occasion, wash, on, set) });
  for (const each of facts.steps) events2.push({ at: each.task.startMin, order: 1, run: () => use(each) });
  events2.sort((a, b) => a.at - b.at || a.order - b.order);
  function use(each) {
    const { task, step, batch } = each;
    const surfaces = [...task.units, ...task.cook ? [`hands:${task.cook}`] : []];
    const own = step.uses.flatMap((line) => residueOf(batch.recipe, line, occasion).map((mark) => ({ mark, origin: batch.planned.id, from: task.id })));
    const before2 = linksOf(batch.recipe, step).flatMap((link) => {
      const earlier2 = doing(facts, batch, link.step);
      return earlier2 ? [food.get(earlier2.task.id) ?? []] : [];
    });
    const met = surfaces.map((surface) => on.get(surface) ?? []);
    const all = union(own, ...before2, ...met);
    for (const [at3, tokens] of met.entries()) check(each, surfaces[at3], tokens);
    checkKept(each, all);
    const kept = all.filter((token) => !cooked(token, step.coreC));
    food.set(task.id, kept);
    for (const surface of surfaces) set(surface, step.hands === "off" ? kept : all, task.startMin, task.id);
    served3(each, kept);
  }
  function check(each, surface, tokens) {
    const { batch } = each;
    for (const guest of batch.eaters) {
      const bad = tokens.filter((token) => !isRaw(token.mark) && !batch.lineage.has(token.origin) && forbiddenTo(guest).has(token.mark));
      if (bad.length > 0) report(bad[0].origin === past ? "unclean-past" : "crossing", each, surface, bad, [guest.id]);
    }
    const raw = tokens.filter((token) => {
      if (!isRaw(token.mark)) return false;
      if (!batch.lineage.has(token.origin) && token.mark !== "unread" && hazardOf(token.mark).washAlways) return true;
      return !cookedLater(facts, each, token.mark);
    });
    if (raw.length > 0) report("raw-crossing", each, surface, raw, batch.eaters.map((guest) => guest.id));
  }
  function checkKept(each, tokens) {
    for (const unit of occasion.kitchen.kit) {
      if (unit.keptFreeOf.length === 0 || !each.task.units.includes(unit.id)) continue;
      const barred = tokens.filter(({ mark }) => mark !== "unread" && unit.keptFreeOf.some((kept) => kept === mark || hazardOf(mark).groups.includes(kept)));
      if (barred.length > 0) report("kept-free", each, unit.id, barred, []);
    }
  }
  function report(code, each, surface, bad, guests) {
    const marks2 = [...new Set(bad.map((token) => markName(token.mark)))];
    const from2 = bad[0].from;
    const once = `${code}/${each.task.id}/${surface}/${guests.join()}`;
    if (reported.has(once)) return;
    reported.add(once);
    const source = facts.steps.find((other) => other.task.id === from2);
    const names = guests.length > 0 && guests.length <= 4 ? ` for ${guests.map((id) => occasion.guests.find((guest) => guest.id === id)?.name ?? id).join(", ")}` : "";
    const where = surface.startsWith("hands:") ? `the hands of ${occasion.kitchen.cooks.find((cook) => `hands:${cook.id}` === surface)?.name ?? surface}` : occasion.kitchen.kit.find((unit) => unit.id === surface)?.name ?? surface;
    const some = marks2.length > 5 ? `${marks2.slice(0, 5).join(", ")} and more` : marks2.join(", ");
    findings.push({
      code,
      message: `${where}: ${some} from ${source ? named2(occasion, source) : past} ${marks2.length > 1 ? "reach" : "reaches"} ${named2(occasion, each)}${names}.`,
      tasks: source ? [source.task.id, each.task.id] : [each.task.id],
      guests
    });
  }
  function served3(each, tokens) {
    const { batch, step: last, task } = each;
    if (!batch.served) return;
    if (batch.recipe.steps.some((other) => linksOf(batch.recipe, other).some((link) => link.step === last.id))) return;
    const raw = tokens.filter((token) => isRaw(token.mark) && batch.lineage.has(token.origin));
    if (raw.length > 0) {
      const names = [...new Set(raw.map((token) => markName(token.mark)))].join(", ");
      findings.push({ code: "raw-served", message: `${batch.dishName} goes out at ${clock(occasion, task.endMin)} with ${names} that no step has cooked.`, tasks: [task.id], guests: batch.eaters.map((guest) => guest.id) });
    }
  }
  for (const event of events2) event.run();
  return { findings: [...findings, ...auditFlour(facts, food)], surfaces: timeline, followed: on.size, foodOf: (task) => food.get(task) ?? [] };
}
var cooked = (token, coreC) => {
  if (coreC === void 0 || token.mark === "unread") return false;
  const { safeCoreC } = hazardOf(token.mark);
  return safeCoreC !== void 0 && coreC >= safeCoreC;
};
function cookedLater(facts, each, mark) {
  const safeC = mark === "unread" ? void 0 : hazardOf(mark).safeCoreC;
  if (safeC === void 0) return false;
  const takers = [...facts.batches.values()].filter((batch) => batch !== each.batch && batch.lineage.has(each.batch.planned.id));
  const finishing = takers.length === 0 ? [each.batch] : takers.filter((batch) => !takers.some((other) => other !== batch && other.lineage.has(batch.planned.id)));
  return finishing.every((batch) => {
    const { recipe } = batch;
    const here = recipe.steps.filter((step) => allDoing(facts, batch, step.id).includes(each));
    return here.length > 0 && here.every((from2) => {
      const reached = /* @__PURE__ */ new Set([from2.id]);
      for (const step of recipe.steps) {
        if (linksOf(recipe, step).some((link) => reached.has(link.step))) reached.add(step.id);
      }
      return recipe.steps.some((step) => reached.has(step.id) && step.coreC !== void 0 && step.coreC >= safeC);
    });
  });
}
function washUp2(occasion, wash, on, set) {
  if (wash.hands) set(`hands:${wash.cook}`, [], wash.endMin, wash.id);
  for (const id of wash.units) {
    const unit = occasion.kitchen.kit.find((each) => each.id === id);
    const clean = unit && cleaningOf(unit.material).comesClean;
    set(id, clean ? [] : [...on.get(id) ?? []], wash.endMin, wash.id);
  }
}
function auditFlour(facts, food) {
  const { occasion } = facts;
  return facts.steps.filter((each) => each.step.looseFlour).flatMap((cloud) => {
    const dust2 = (food.get(cloud.task.id) ?? []).concat(cloud.step.uses.flatMap((line) => residueOf(cloud.batch.recipe, line, occasion).map((mark) => ({ mark, origin: cloud.batch.planned.id, from: cloud.task.id })))).filter((token) => token.origin === cloud.batch.planned.id && token.mark !== "unread");
    return facts.steps.flatMap((open) => {
      if (open.step.hands !== "on" || open.task.startMin >= cloud.task.endMin + rules.flourSettlesMin || open.task.endMin <= cloud.task.startMin) return [];
      const bad = dust2.filter((token) => !isRaw(token.mark) && !open.batch.lineage.has(token.origin));
      const guests = open.batch.eaters.filter((guest) => bad.some((token) => forbiddenTo(guest).has(token.mark)));
      if (guests.length === 0) return [];
      return [{ code: "flour", message: `Flour from ${named2(occasion, cloud)} is in the air over ${named2(occasion, open)}, which ${guests.map((guest) => guest.name).join(", ")} eat.`, tasks: [cloud.task.id, open.task.id], guests: guests.map((guest) => guest.id) }];
    });
  });
}

// packages/core/src/audit/resources.ts
function clashesOf(spans) {
  const sorted = [...spans].sort((a, b) => a.start - b.start || a.end - b.end);
  const pairs = [];
  sorted.forEach((one, i) => {
    for (let j2 = i + 1; j2 < sorted.length && sorted[j2].start < one.end; j2++) if (sorted[j2].owner !== one.owner) pairs.push([one, sorted[j2]]);
  });
  return pairs;
}
function auditResources(facts) {
  return [...auditKit(facts), ...auditCooks(facts), ...auditChores(facts), ...auditBurners(facts), ...auditWashes(facts), ...auditSink(facts)];
}
function auditKit(facts) {
  const { occasion } = facts;
  const findings = [];
  const units = new Map(occasion.kitchen.kit.map((unit) => [unit.id, unit]));
  const spans = /* @__PURE__ */ new Map();
  const note = (unit, span2) => spans.set(unit, [...spans.get(unit) ?? [], span2]);
  const held = /* @__PURE__ */ new Map();
  for (const each of facts.steps) {
    const { task, step } = each;
    for (const id of task.units) if (!units.has(id)) findings.push({ code: "unknown-name", message: `${named2(occasion, each)} uses \u201C${id}\u201D, which is not in the kitchen.`, tasks: [task.id], guests: [] });
    const kinds = task.units.map((id) => units.get(id)?.kind);
    step.kit.forEach((use, at3) => {
      if (kinds[at3] !== use.kind) findings.push({ code: "kit", message: `${named2(occasion, each)} needs a ${use.kind} and has ${kinds[at3] ?? "none"}.`, tasks: [task.id], guests: [] });
      const unit = task.units[at3];
      if (unit === void 0) return;
      if (use.as === void 0) {
        note(unit, { start: task.startMin, end: task.endMin, task: task.id, what: named2(occasion, each), owner: task.id });
        return;
      }
      const key2 = heldAs(each.batch, use.kind, use.as);
      const before2 = held.get(key2);
      if (before2 && before2.unit !== unit) findings.push({ code: "kit", message: `${named2(occasion, each)} has its food on ${units.get(unit)?.name ?? unit}, but it was on ${units.get(before2.unit)?.name ?? before2.unit}.`, tasks: [before2.steps[0].task.id, task.id], guests: [] });
      held.set(key2, { unit: before2?.unit ?? unit, steps: [...before2?.steps ?? [], each] });
    });
  }
  for (const [key2, { unit, steps }] of held) {
    note(unit, { start: Math.min(...steps.map((each) => each.task.startMin)), end: Math.max(...steps.map((each) => each.task.endMin)), task: steps[0].task.id, what: `the food of ${named2(occasion, steps[0])}`, owner: key2 });
  }
  for (const wash of facts.washes) for (const unit of wash.units) note(unit, { start: wash.startMin, end: wash.endMin, task: wash.id, what: `a wash (${clock(occasion, wash.startMin)})`, owner: wash.id });
  for (const [unit, list] of spans) {
    for (const [one, two] of clashesOf(list)) {
      findings.push({ code: "kit-twice", message: `${units.get(unit)?.name ?? unit} is wanted by ${one.what} and ${two.what} at once.`, tasks: [one.task, two.task], guests: [] });
    }
  }
  return findings;
}
function auditCooks(facts) {
  const { occasion } = facts;
  const findings = [];
  const cooks = new Map(occasion.kitchen.cooks.map((cook) => [cook.id, cook]));
  const spans = /* @__PURE__ */ new Map();
  const note = (cook, start, end, task, what) => {
    const known2 = cooks.get(cook);
    if (!known2) {
      findings.push({ code: "unknown-name", message: `${what} is for \u201C${cook}\u201D, who is no cook here.`, tasks: [task], guests: [] });
      return;
    }
    const out = occasion.wishes.absences.some((each) => each.cook === cook && each.fromMin < end && each.toMin > start);
    if (out || !known2.windows.some((shift) => shift.fromMin <= start && end <= shift.toMin)) {
      findings.push({ code: "cook-away", message: `${known2.name} is not in the kitchen for ${what}.`, tasks: [task], guests: [] });
    }
    spans.set(cook, [...spans.get(cook) ?? [], { start, end, task, what, owner: `${task}@${start}` }]);
  };
  for (const each of facts.steps) {
    const { task, step } = each;
    const what = named2(occasion, each);
    if (task.cook) note(task.cook, task.startMin, task.endMin, task.id, what);
    else if (step.hands === "on") findings.push({ code: "cook-missing", message: `Nobody does ${what}.`, tasks: [task.id], guests: [] });
    for (const point of task.attention) note(point.cook, point.startMin, point.endMin, task.id, `\u201C${point.what}\u201D at ${clock(occasion, point.startMin)}, for ${what}`);
    if (step.hands === "off") {
      const wanted = step.attention.map((point) => point.what);
      const absent = wanted.filter((word) => !task.attention.some((point) => point.what === word && point.startMin >= task.startMin && point.endMin <= task.endMin));
      if (absent.length > 0 || task.attention.length === 0) findings.push({ code: "cook-missing", message: `Nobody is there to ${absent.join(", ") || "set going"} for ${what}.`, tasks: [task.id], guests: [] });
    }
  }
  for (const wash of facts.washes) note(wash.cook, wash.startMin, wash.endMin, wash.id, `a wash at ${clock(occasion, wash.startMin)}`);
  for (const [cook, list] of spans) {
    for (const [one, two] of clashesOf(list)) findings.push({ code: "cook-twice", message: `${cooks.get(cook).name} would be busy with ${one.what} and ${two.what} at once.`, tasks: [one.task, two.task], guests: [] });
  }
  return findings;
}
function auditChores({ occasion, steps, washes }) {
  const cooks = new Map(occasion.kitchen.cooks.map((cook) => [cook.id, cook]));
  const findings = [];
  for (const each of steps) {
    const { task, written, step, batch } = each;
    const raw = rawMeatAt(batch.recipe, written, occasion);
    for (const id of /* @__PURE__ */ new Set([...task.cook ? [task.cook] : [], ...task.attention.map((point) => point.cook)])) {
      const leaves = cooks.get(id)?.leaves ?? [];
      const wrong = leaves.includes("knives") && step.kit.some((use) => use.kind === "knife") ? "knives" : leaves.includes("heat") && (step.oven !== void 0 || step.burner) ? "the oven and the hob" : leaves.includes("raw") && raw ? "raw meat and fish" : void 0;
      if (wrong) findings.push({ code: "chore", message: `${cooks.get(id).name} leaves ${wrong} to others, and would do ${named2(occasion, each)}.`, tasks: [task.id], guests: [] });
    }
  }
  for (const wash of washes) if (wash.units.length > 0 && cooks.get(wash.cook)?.leaves.includes("washing-up")) findings.push({ code: "chore", message: `${cooks.get(wash.cook).name} leaves washing up to others, and would do it at ${clock(occasion, wash.startMin)}.`, tasks: [wash.id], guests: [] });
  return findings;
}
function rawMeatAt(recipe, at3, occasion) {
  const until = /* @__PURE__ */ new Set([at3.id]);
  for (let grown = true; grown; ) {
    grown = false;
    for (const step of recipe.steps) if (until.has(step.id)) {
      for (const link of linksOf(recipe, step)) if (!until.has(link.step)) {
        until.add(link.step);
        grown = true;
      }
    }
  }
  const before2 = recipe.steps.filter((step) => until.has(step.id));
  const meat = before2.flatMap((step) => step.uses.flatMap((line) => residueOf(recipe, line, occasion))).filter((mark) => mark !== "unread" && hazardOf(mark).washAlways);
  const cooked2 = Math.max(0, ...before2.filter((step) => step.id !== at3.id || step.hands === "off").map((step) => step.coreC ?? 0));
  return meat.some((mark) => mark !== "unread" && cooked2 < (hazardOf(mark).safeCoreC ?? Infinity));
}
function auditSink({ occasion, washes }) {
  return clashesOf(washes.map((wash) => ({ start: wash.startMin, end: wash.endMin, task: wash.id, what: "", owner: wash.id }))).map(([one, two]) => ({ code: "sink", message: `Two washes are at the sink at ${clock(occasion, two.start)}.`, tasks: [one.task, two.task], guests: [] }));
}
function auditBurners(facts) {
  const { occasion } = facts;
  const hot = facts.steps.filter((each) => each.step.burner);
  for (const each of hot) {
    const at3 = each.task.startMin;
    const together2 = hot.filter((other) => other.task.startMin <= at3 && other.task.endMin > at3);
    if (together2.length > occasion.kitchen.burners) {
      return [{ code: "burners", message: `At ${clock(occasion, at3)}, ${together2.length} pots are on ${occasion.kitchen.burners} burners.`, tasks: together2.map((other) => other.task.id), guests: [] }];
    }
  }
  return [];
}
function auditWashes(facts) {
  const { occasion } = facts;
  const units = new Map(occasion.kitchen.kit.map((unit) => [unit.id, unit]));
  return facts.washes.flatMap((wash) => {
    const known2 = wash.units.flatMap((id) => units.get(id) ?? []);
    const needed = known2.reduce((sum, unit) => sum + unit.washMin, rules.handWashMin);
    const at3 = clock(occasion, wash.startMin);
    const found = wash.units.filter((id) => !units.has(id)).map((id) => ({ code: "unknown-name", message: `The wash at ${at3} names \u201C${id}\u201D, which is not in the kitchen.`, tasks: [wash.id], guests: [] }));
    if (wash.endMin - wash.startMin < needed) found.push({ code: "wash-too-short", message: `The wash at ${at3} has ${wash.endMin - wash.startMin} min; ${["hands", ...known2.map((unit) => unit.name)].join(", ")} take ${needed}.`, tasks: [wash.id], guests: [] });
    for (const unit of known2) if (!cleaningOf(unit.material).comesClean) found.push({ code: "wash-in-vain", message: `${unit.name} is washed at ${at3}, but ${unit.material} never comes clean of a trace.`, tasks: [wash.id], guests: [] });
    return found;
  });
}

// packages/core/src/audit/timing.ts
function auditTiming(facts) {
  const { occasion } = facts;
  const findings = facts.strangers.map((name) => ({ code: "unknown-name", message: `The plan has a ${name}, which the occasion does not know.`, tasks: [], guests: [] }));
  findings.push(...facts.unlike.map((name) => ({ code: "shared", message: `${name} is cooked once for dishes that do not have it alike.`, tasks: [], guests: [] })));
  findings.push(...missing(facts));
  for (const each of facts.steps) {
    const { task, step, batch } = each;
    const took = task.endMin - task.startMin;
    if (took < leastMin(each)) findings.push({ code: "too-short", message: `${named2(occasion, each)} is given ${took} min; it takes at least ${leastMin(each)}.`, tasks: [task.id], guests: [] });
    for (const link of linksOf(batch.recipe, step)) {
      const before2 = doing(facts, batch, link.step);
      if (!before2) continue;
      const wait = task.startMin - before2.task.endMin;
      if (wait < link.leastMin) findings.push({ code: "order", message: `${named2(occasion, each)} comes ${link.leastMin > 0 ? `${wait} min after` : "before the end of"} \u201C${before2.step.title}\u201D${link.leastMin > 0 ? `; at least ${link.leastMin} are needed` : ""}.`, tasks: [before2.task.id, task.id], guests: [] });
      if (link.mostMin !== void 0 && wait > link.mostMin) findings.push({ code: "waits-too-long", message: `${named2(occasion, each)} comes ${wait} min after \u201C${before2.step.title}\u201D; at most ${link.mostMin} are allowed.`, tasks: [before2.task.id, task.id], guests: [] });
    }
    findings.push(...serving(facts, each));
  }
  return findings;
}
function missing(facts) {
  const findings = [];
  for (const [key2, { dish, recipe, name }] of facts.eaten) {
    const versionId = key2.slice(key2.indexOf("/") + 1);
    const own = [...facts.batches.values()].filter((batch) => batch.served && batch.dish.id === dish.id && batch.planned.versions.some((id) => id === versionId));
    for (const step of recipe.steps) {
      const done = [...new Set(own.flatMap((batch) => allDoing(facts, batch, step.id)))];
      if (done.length === 0) findings.push({ code: "missing-step", message: `\u201C${step.title}\u201D of ${name} is nowhere in the plan.`, tasks: [], guests: [] });
      if (done.length > 1) findings.push({ code: "missing-step", message: `\u201C${step.title}\u201D of ${name} is in the plan ${done.length} times.`, tasks: done.map((each) => each.task.id), guests: [] });
    }
  }
  return findings;
}
function serving({ occasion }, each) {
  const { task, step, batch } = each;
  if (!batch.served) return [];
  const isLast = !batch.recipe.steps.some((other) => linksOf(batch.recipe, other).some((link) => link.step === step.id));
  if (!isLast) return [];
  const course = occasion.courses.find((one) => one.id === batch.dish.course);
  if (task.endMin > course.offsetMin) return [{ code: "late", message: `${batch.dishName} is ready at ${clock(occasion, task.endMin)}; ${course.name} go out at ${clock(occasion, course.offsetMin)}.`, tasks: [task.id], guests: [] }];
  const stands = course.offsetMin - task.endMin;
  if (stands > batch.recipe.hold.mostMin) return [{ code: "stands-too-long", message: `${batch.dishName} stands ${stands} min before serving; it can stand ${batch.recipe.hold.mostMin}.`, tasks: [task.id], guests: [] }];
  return [];
}

// packages/core/src/audit/audit.ts
function audit(occasion, plan2) {
  const facts = gather(occasion, plan2);
  const replay = replayResidues(facts);
  const stale = plan2.basis === basisOf(occasion) && plan2.occasion === occasion.id ? [] : [{ code: "stale", message: "The occasion has changed since this plan was made.", tasks: [], guests: [] }];
  const findings = [...stale, ...auditTiming(facts), ...auditResources(facts), ...auditOven(facts, replay), ...auditPins(facts), ...replay.findings];
  const table3 = fit(occasion);
  const openPlates = occasion.guests.flatMap((guest) => {
    const dishes = table3.rows.filter((row) => row.cells.get(guest.id).served && row.cells.get(guest.id).judgement.verdict === "check").map((row) => row.dish.id);
    return dishes.length > 0 ? [{ guest: guest.id, dishes }] : [];
  });
  const codes = Object.keys(rulesOfAudit);
  return {
    findings,
    passed: findings.length === 0,
    checked: {
      steps: facts.steps.length,
      washes: facts.washes.length,
      surfaces: replay.followed,
      plates: occasion.guests.length,
      rules: codes.map((code) => ({ code, rule: rulesOfAudit[code], findings: findings.filter((finding) => finding.code === code).length }))
    },
    openPlates,
    surfaces: replay.surfaces
  };
}

// packages/core/src/chances/net.ts
function netOf(occasion, network, plan2) {
  const planned = [...plan2.tasks].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin || (a.id < b.id ? -1 : 1));
  const number2 = new Map(planned.map((task, index) => [task.id, index]));
  const known2 = new Map(network.tasks.map((task) => [task.id, task]));
  const waits = planned.map(() => []);
  const before2 = (first, second, because, leastMin2 = 0, unit) => void waits[number2.get(second.id)].push({ piece: number2.get(first.id), leastMin: leastMin2, because, unit });
  const inTurn = (users, because, unit) => users.slice(1).forEach((user, at3) => before2(users[at3], user, because, 0, unit));
  const steps = planned.filter((task) => task.kind === "step");
  const washes = planned.filter((task) => task.kind === "wash");
  const heats = planned.filter((task) => task.kind === "oven");
  for (const step of steps) {
    for (const link of known2.get(step.id)?.after ?? []) {
      const first = number2.get(link.task);
      if (first !== void 0) waits[number2.get(step.id)].push({ piece: first, leastMin: link.leastMin, because: "recipe" });
    }
  }
  for (const unit of occasion.kitchen.kit) inTurn(planned.filter((task) => (task.kind === "step" || task.kind === "wash") && task.units.includes(unit.id)), "kit", unit.id);
  inTurn(washes, "sink");
  for (const cook of occasion.kitchen.cooks) {
    const work = planned.filter((task) => (task.kind === "step" || task.kind === "wash") && task.cook === cook.id);
    inTurn(work, "hands");
    for (const step of steps) {
      const first = step.attention[0];
      if (!first || first.cook !== cook.id || first.startMin !== step.startMin) continue;
      const last = work.findLast((each) => each.endMin <= step.startMin);
      if (last) before2(last, step, "hands");
    }
  }
  ovens(steps.filter((step) => known2.get(step.id)?.step.oven), heats, known2, before2, inTurn);
  burners(steps.filter((step) => wayOf2(known2.get(step.id), step)?.burner), occasion.kitchen.burners, before2);
  dust(steps, known2, before2);
  const cookNumber = (id) => occasion.kitchen.cooks.findIndex((cook) => cook.id === id);
  return {
    cooks: occasion.kitchen.cooks.length,
    pieces: planned.map((task, index) => ({
      id: task.id,
      kind: task.kind,
      plannedStartMin: task.startMin,
      plannedMin: task.endMin - task.startMin,
      range: rangeOf(task, known2.get(task.id)),
      cook: task.kind === "oven" ? -1 : cookNumber(task.cook),
      calls: task.kind === "step" ? task.attention.map((point) => ({ cook: cookNumber(point.cook), takesMin: point.endMin - point.startMin, share: (point.startMin - task.startMin) / Math.max(1, task.endMin - task.startMin) })) : [],
      waits: waits[index]
    })),
    limits: steps.flatMap((step) => (known2.get(step.id)?.after ?? []).flatMap((link) => {
      const from2 = number2.get(link.task);
      return link.mostMin === void 0 || from2 === void 0 ? [] : [{ from: from2, to: number2.get(step.id), mostMin: link.mostMin }];
    })),
    outcomes: steps.flatMap((step) => {
      const serve = known2.get(step.id)?.serve;
      return serve ? [{ piece: number2.get(step.id), batch: step.batch, atMin: serve.atMin, mostHoldMin: serve.mostHoldMin }] : [];
    })
  };
}
var wayOf2 = (task, step) => task?.ways.find((way) => way.id === step.way && way.bentC === step.bentC);
function rangeOf(task, known2) {
  const planned = task.endMin - task.startMin;
  const times = (varies) => ({ least: planned * varies.least, likely: planned * varies.likely, most: planned * varies.most });
  switch (task.kind) {
    case "wash":
      return times(rules.washVaries);
    case "oven":
      return times(rules.ovenHeatingVaries);
    case "step": {
      const way = wayOf2(known2, task);
      if (!known2 || !way) return { least: planned, likely: planned, most: planned };
      const least = Math.min(way.durationMin.least, planned);
      const most = Math.max(way.durationMin.most, planned);
      if (way.hands === "on" || way.oven || way.burner) return { least, likely: planned, most };
      return known2.step.until === "" ? { least, likely: least, most: least } : { least, likely: planned, most: Math.min(most, planned * rules.signComesWithin) };
    }
    default:
      return task;
  }
}
function ovens(loads, heats, known2, before2, inTurn) {
  for (const oven of new Set(loads.map((load) => load.oven))) {
    const mine = loads.filter((load) => load.oven === oven);
    for (let rack = 0; rack < 6; rack++) inTurn(mine.filter((load) => load.racks.includes(rack)), "rack");
    for (const grilled of mine.filter((load) => known2.get(load.id).step.oven.grill)) {
      for (const load of mine) {
        if (load.endMin <= grilled.startMin) before2(load, grilled, "heat");
        else if (load.startMin >= grilled.endMin) before2(grilled, load, "heat");
      }
    }
    const phases = heats.filter((heat) => heat.oven === oven);
    phases.forEach((phase, at3) => {
      const until = phases[at3 - 1]?.untilMin;
      for (const load of mine) {
        if (load.startMin >= phase.endMin && load.endMin <= phase.untilMin) before2(phase, load, "heat");
        else if (until !== void 0 && load.endMin <= Math.max(until, phase.startMin) && load.startMin >= phases[at3 - 1].endMin) before2(load, phase, "heat");
      }
    });
  }
}
function burners(pans, count, before2) {
  const last = new Array(count).fill(void 0);
  for (const pan of pans) {
    const free = last.map((each, burner) => ({ burner, until: each?.endMin ?? -Infinity })).sort((a, b) => a.until - b.until)[0];
    if (!free) return;
    const previous = last[free.burner];
    if (previous) before2(previous, pan, "burner");
    last[free.burner] = pan;
  }
}
function dust(steps, known2, before2) {
  for (const floury of steps) {
    const task = known2.get(floury.id);
    if (!task?.step.looseFlour) continue;
    const airborne = (mark, origin) => (each) => each.mark === mark && !each.exempt.includes(origin);
    for (const open of steps) {
      const other = known2.get(open.id);
      if (!other || open.cook === void 0 || !task.dust.some(({ mark, origin }) => other.guards.some(airborne(mark, origin)))) continue;
      if (open.startMin >= floury.endMin) before2(floury, open, "flour", Math.min(rules.flourSettlesMin, open.startMin - floury.endMin));
      else if (open.endMin <= floury.startMin) before2(open, floury, "flour");
    }
  }
}

// packages/core/src/whatif/changes.ts
var byTheClock = (occasion, momentMin) => minutesOfClock(occasion.serveAt) + momentMin;

// packages/core/src/whatif/compare.ts
function comparePlans(before2, after) {
  const [old, now2] = [placesOf(before2), placesOf(after)];
  const changes = [];
  let same = 0;
  for (const [id, { place: place2, ...names }] of now2) {
    const was = old.get(id)?.place;
    if (was && was.startAt === place2.startAt && was.endAt === place2.endAt && was.cook === place2.cook) same++;
    else changes.push({ id, ...names, before: was, after: place2 });
  }
  const gone = [...old].flatMap(([id, { place: place2, ...names }]) => now2.has(id) ? [] : [{ id, ...names, before: place2 }]);
  changes.sort((a, b) => a.after.startAt - b.after.startAt || (a.id < b.id ? -1 : 1));
  return { before: measuresOf(before2), after: measuresOf(after), same, changes: [...gone, ...changes] };
}
function placesOf({ occasion, plan: plan2 }) {
  const network = tasksOf(occasion, fit(occasion));
  const cookName = (step) => occasion.kitchen.cooks.find((cook) => cook.id === (step.cook ?? step.attention[0]?.cook))?.name ?? "";
  const steps = new Map(plan2.tasks.flatMap((task) => task.kind === "step" ? [[task.id, task]] : []));
  return new Map(network.tasks.flatMap((task) => {
    const step = steps.get(task.id);
    if (!step) return [];
    const dishName = network.batches.find((batch) => batch.id === task.batch).recipe.name;
    return [[task.id, { title: task.title, dishName, place: { startAt: byTheClock(occasion, step.startMin), endAt: byTheClock(occasion, step.endMin), cook: cookName(step) } }]];
  }));
}
function measuresOf({ occasion, plan: plan2 }) {
  const figures = planFigures(occasion, plan2);
  const last = Math.max(...occasion.courses.map((course) => course.offsetMin));
  const table3 = fit(occasion);
  const served3 = tasksOf(occasion, table3).tasks.reduce((latest2, task) => Math.max(latest2, task.serve?.atMin ?? -Infinity), -Infinity);
  const lastMin2 = Number.isFinite(served3) ? served3 : last;
  const hands = new Map(occasion.kitchen.cooks.map((cook) => [cook.name, 0]));
  const add = (cookId, minutes) => {
    const name = occasion.kitchen.cooks.find((cook) => cook.id === cookId)?.name;
    if (name !== void 0) hands.set(name, hands.get(name) + minutes);
  };
  for (const task of plan2.tasks) {
    if (task.kind === "oven") continue;
    add(task.cook, task.endMin - task.startMin);
    if (task.kind === "step") for (const look of task.attention) add(look.cook, look.endMin - look.startMin);
  }
  return {
    firstHandAt: byTheClock(occasion, lastMin2 - figures.day),
    lastServingAt: byTheClock(occasion, lastMin2),
    dayMin: figures.day,
    washes: figures.washes,
    washMin: figures.washMin,
    calmMin: figures.calm,
    bent: figures.bent,
    handsMin: hands,
    short: table3.plates.flatMap((plate, at3) => plate.state === "short" ? [occasion.guests[at3].name] : [])
  };
}

// packages/core/src/day/progress.ts
function progressOf(events2) {
  const ticked = /* @__PURE__ */ new Map();
  const gates = /* @__PURE__ */ new Map();
  const more = /* @__PURE__ */ new Map();
  const readings = [];
  const timers = /* @__PURE__ */ new Map();
  const notes = [];
  const gate = (id) => {
    const known2 = gates.get(id) ?? { clean: /* @__PURE__ */ new Map(), skipped: [] };
    gates.set(id, known2);
    return known2;
  };
  const seen = /* @__PURE__ */ new Set();
  for (const { id, what, atMin, device } of [...events2].sort((a, b) => a.seq - b.seq)) {
    if (seen.has(id)) continue;
    seen.add(id);
    switch (what.kind) {
      case "tick":
        if (!ticked.has(what.entry)) ticked.set(what.entry, { atMin, device });
        break;
      case "untick":
        ticked.delete(what.entry);
        break;
      case "clean":
        if (!gate(what.wash).clean.has(what.item)) gate(what.wash).clean.set(what.item, { atMin, device });
        break;
      case "unclean":
        gate(what.wash).clean.delete(what.item);
        break;
      case "skip":
        gate(what.wash).skipped.push({ items: what.items, reason: what.reason, atMin, device });
        break;
      case "more":
        more.set(what.entry, { minutes: (more.get(what.entry)?.minutes ?? 0) + what.minutes, atMin });
        break;
      case "measure":
        readings.push({ entry: what.entry, measured: what.measured, celsius: what.celsius, atMin, device });
        break;
      case "timer":
        timers.set(what.timer, { id: what.timer, name: what.name, endsAtMin: what.endsAtMin });
        break;
      case "timer-off":
        timers.delete(what.timer);
        break;
      case "note":
        notes.push({ words: what.words, entry: what.entry, atMin, device });
        break;
      default:
        what;
    }
  }
  return { ticked, gates, more, readings, timers: [...timers.values()], notes };
}

// packages/core/src/day/happened.ts
var lookId = (task, index) => `${task}@${index}`;
var gateItems = (wash) => ["water", ...wash.units, "cloth", ...wash.hands ? ["hands"] : []];
function gatePassed(wash, { gates }) {
  const gate = gates.get(wash.id);
  if (!gate) return false;
  const left = new Set(gate.skipped.flatMap((each) => each.items));
  return gateItems(wash).every((item) => gate.clean.has(item) || left.has(item));
}
function happened(plan2, progress, nowMin) {
  const done = /* @__PURE__ */ new Set();
  const running = /* @__PURE__ */ new Set();
  const now2 = Math.floor(nowMin);
  const free = /* @__PURE__ */ new Map();
  const places2 = /* @__PURE__ */ new Map();
  const ended = plan2.tasks.flatMap((task) => {
    const at3 = endOf(task, progress, now2);
    return at3 === void 0 ? [] : [{ task, at: at3 }];
  }).sort((a, b) => a.at - b.at || a.task.startMin - b.task.startMin);
  for (const { task, at: at3 } of ended) {
    const endMin = Math.min(now2, Math.round(at3));
    if (task.kind === "oven") {
      done.add(task.id);
      places2.set(task.id, moved(task, Math.min(now2, Math.round(at3)), Math.round(at3) + task.endMin - task.startMin));
      continue;
    }
    const surfaces = [...task.units, ...task.cook ? [`hands/${task.cook}`] : []];
    const began = beganAt(task, progress);
    const least = Math.max(...surfaces.map((each) => free.get(each) ?? -Infinity));
    const startMin = Math.min(endMin, Math.max(began === void 0 ? endMin - (task.endMin - task.startMin) : Math.round(began), least));
    for (const each of surfaces) free.set(each, endMin);
    done.add(task.id);
    places2.set(task.id, moved(task, startMin, endMin));
  }
  for (const task of plan2.tasks) {
    if (task.kind !== "step" || done.has(task.id)) continue;
    const longer = progress.more.get(task.id);
    if (task.cook !== void 0 && longer) {
      running.add(task.id);
      const startMin2 = Math.min(now2 - 1, task.startMin);
      places2.set(task.id, moved(task, startMin2, Math.max(now2 + 1, Math.round(longer.atMin + longer.minutes))));
      continue;
    }
    const began = beganAt(task, progress);
    if (began === void 0) continue;
    const startMin = Math.min(now2, Math.round(began));
    running.add(task.id);
    places2.set(task.id, moved(task, startMin, Math.max(now2 + 1, startMin + (task.endMin - task.startMin) + (progress.more.get(task.id)?.minutes ?? 0))));
  }
  for (const [id, place2] of inHand(plan2, done, running, free, now2)) {
    running.add(id);
    places2.set(id, place2);
  }
  for (const task of plan2.tasks) {
    if (task.kind !== "oven") continue;
    const begun = loadsOf(task, plan2).filter((load) => done.has(load.id) || running.has(load.id)).map((load) => places2.get(load.id).startMin);
    if (begun.length === 0) continue;
    const here = places2.get(task.id) ?? task;
    const by = Math.min(0, Math.min(...begun) - here.endMin);
    done.add(task.id);
    places2.set(task.id, moved(here, here.startMin + by, here.endMin + by));
  }
  const tasks2 = plan2.tasks.map((task) => {
    const here = places2.get(task.id) ?? task;
    if (here.kind === "wash") return cleaned(here, progress);
    return here.kind === "oven" ? { ...here, untilMin: Math.max(here.untilMin, here.endMin, ...loadsUntil(task, plan2, places2)) } : here;
  });
  return { plan: { ...plan2, tasks: [...tasks2].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin || (a.id < b.id ? -1 : 1)) }, done, running };
}
var loadsOf = (planned, plan2) => plan2.tasks.filter((task) => task.kind === "step" && task.racks.length > 0 && task.oven === planned.oven && task.startMin >= planned.endMin && task.endMin <= planned.untilMin);
var loadsUntil = (planned, plan2, places2) => loadsOf(planned, plan2).map((load) => places2.get(load.id)?.endMin ?? -Infinity);
function inHand(plan2, done, running, free, now2) {
  const found = /* @__PURE__ */ new Map();
  for (const cook of new Set(plan2.tasks.flatMap((task) => task.kind === "oven" ? [] : task.cook ?? []))) {
    const next = plan2.tasks.find((task) => task.kind !== "oven" && task.cook === cook && !done.has(task.id));
    if (next?.kind !== "step" || running.has(next.id) || next.startMin >= now2) continue;
    const startMin = Math.max(next.startMin, free.get(`hands/${cook}`) ?? -Infinity);
    if (startMin < now2) found.set(next.id, moved(next, startMin, Math.max(now2 + 1, startMin + next.endMin - next.startMin)));
  }
  return found;
}
function beganAt(task, { ticked }) {
  if (task.kind !== "step" || task.cook !== void 0) return void 0;
  const own = ticked.get(task.id)?.atMin;
  const looks = task.attention.flatMap((point, index) => {
    const at3 = ticked.get(lookId(task.id, index))?.atMin;
    return at3 === void 0 ? [] : [at3 - (point.startMin - task.startMin)];
  });
  return own ?? (looks.length > 0 ? Math.min(...looks) : void 0);
}
function endOf(task, progress, now2) {
  const { ticked, gates, more } = progress;
  switch (task.kind) {
    case "oven":
      return ticked.get(task.id)?.atMin;
    case "wash": {
      if (!gatePassed(task, progress)) return void 0;
      const gate = gates.get(task.id);
      return Math.max(...[...gate.clean.values()].map((each) => each.atMin), ...gate.skipped.map((each) => each.atMin));
    }
    case "step": {
      if (task.cook !== void 0) return ticked.get(task.id)?.atMin;
      const last = task.attention.length - 1;
      if (last >= 0 && task.attention[last].startMin > task.startMin) return ticked.get(lookId(task.id, last))?.atMin;
      const began = beganAt(task, progress);
      const over = began === void 0 ? void 0 : began + (task.endMin - task.startMin) + (more.get(task.id)?.minutes ?? 0);
      return over !== void 0 && over <= now2 ? over : void 0;
    }
    default:
      return task;
  }
}
function moved(task, startMin, endMin) {
  if (task.kind !== "step") return { ...task, startMin, endMin };
  const by = startMin - task.startMin;
  return { ...task, startMin, endMin, attention: task.attention.map((point) => ({ ...point, startMin: Math.min(endMin, point.startMin + by), endMin: Math.min(endMin, point.endMin + by) })) };
}
function cleaned(wash, { gates }) {
  const left = new Set((gates.get(wash.id)?.skipped ?? []).flatMap((each) => each.items.filter((item) => !gates.get(wash.id).clean.has(item))));
  if (left.size === 0) return wash;
  const nothing2 = left.has("water") || left.has("cloth");
  return { ...wash, units: nothing2 ? [] : wash.units.filter((unit) => !left.has(unit)), hands: wash.hands && !nothing2 && !left.has("hands") };
}

// packages/core/src/day/judge.ts
var ofPlates = /* @__PURE__ */ new Set(["crossing", "unclean-past", "flour", "oven-drip", "raw-crossing", "raw-served"]);
function isPast({ code, tasks: tasks2 }, { done, running }) {
  const over = (task) => done.has(task) || running.has(task);
  return tasks2.length > 0 && (tasks2.every(over) || code === "waits-too-long" && done.has(tasks2[0]));
}
function judgeDay(occasion, standpoint) {
  const { findings } = audit(occasion, standpoint.plan);
  const past2 = findings.filter((finding) => isPast(finding, standpoint));
  const coming = findings.filter((finding) => !past2.includes(finding));
  const isPlate = (finding) => ofPlates.has(finding.code) && finding.guests.length > 0;
  return {
    lost: platesOf(occasion, standpoint.plan, past2.filter(isPlate)),
    ahead: platesOf(occasion, standpoint.plan, coming.filter(isPlate)),
    said: past2.filter((finding) => !isPlate(finding)),
    objections: coming.filter((finding) => !isPlate(finding))
  };
}
function platesOf(occasion, plan2, findings) {
  const plates = /* @__PURE__ */ new Map();
  for (const finding of findings) {
    const task = plan2.tasks.find((each) => each.id === finding.tasks.at(-1));
    const batch = task?.kind === "step" ? plan2.batches.find((each) => each.id === task.batch) : void 0;
    if (!batch) continue;
    for (const dish of new Set(batch.component ? batch.component.into.map((each) => each.dish) : [batch.dish])) {
      for (const guest of finding.guests) {
        if (occasion.dishes.find((each) => each.id === dish)?.notFor.includes(guest)) continue;
        const key2 = `${guest}/${dish}`;
        if (!plates.has(key2)) plates.set(key2, { guest, dish, why: finding.message });
      }
    }
  }
  return [...plates.values()];
}
function withoutPlates(occasion, plates) {
  if (plates.length === 0) return occasion;
  return {
    ...occasion,
    dishes: occasion.dishes.map((dish) => {
      const gone = plates.filter((plate) => plate.dish === dish.id).map((plate) => plate.guest);
      return gone.length === 0 ? dish : { ...dish, notFor: [.../* @__PURE__ */ new Set([...dish.notFor, ...gone])] };
    })
  };
}

// packages/core/src/day/shift.ts
function shifted2(occasion, network, { plan: plan2, done, running, nowMin }, delayMin = () => 0) {
  const net = netOf(occasion, network, plan2);
  const tasks2 = new Map(plan2.tasks.map((task) => [task.id, task]));
  const places2 = [];
  const busy = Array.from({ length: net.cooks }, () => []);
  const take = (piece, index, start, end) => {
    places2[index] = { start, end };
    if (piece.cook >= 0) busy[piece.cook].push({ start, end });
    if (!done.has(piece.id)) for (const call of callsOf(piece, start)) busy[call.cook].push(call);
  };
  const stands = (id) => done.has(id) || running.has(id);
  net.pieces.forEach((piece, index) => {
    if (stands(piece.id)) take(piece, index, tasks2.get(piece.id).startMin, tasks2.get(piece.id).endMin);
  });
  net.pieces.forEach((piece, index) => {
    if (stands(piece.id)) return;
    const task = tasks2.get(piece.id);
    let start = Math.max(piece.plannedStartMin + (task.kind === "step" ? delayMin(task.batch) : 0), nowMin);
    for (const wait of piece.waits) start = Math.max(start, places2[wait.piece].end + wait.leastMin);
    start = freeFrom(piece, busy, Math.ceil(start - 1e-9));
    take(piece, index, start, start + piece.plannedMin);
  });
  const at3 = new Map(net.pieces.map((piece, index) => [piece.id, places2[index]]));
  const moved2 = plan2.tasks.map((task) => {
    const { start, end } = at3.get(task.id);
    const by = start - task.startMin;
    if (task.kind === "step") return { ...task, startMin: start, endMin: end, attention: task.attention.map((point) => ({ ...point, startMin: point.startMin + by, endMin: point.endMin + by })) };
    if (task.kind === "wash") return { ...task, startMin: start, endMin: end };
    const loads = plan2.tasks.flatMap((load) => load.kind === "step" && load.racks.length > 0 && load.oven === task.oven && load.startMin >= task.endMin && load.endMin <= task.untilMin ? [at3.get(load.id).end] : []);
    return { ...task, startMin: start, endMin: end, untilMin: Math.max(end, ...loads.length > 0 ? loads : [task.untilMin + by]) };
  });
  return {
    plan: { ...plan2, tasks: inTime2(moved2) },
    lateMin: new Map(net.outcomes.map((outcome) => [outcome.batch, Math.max(0, places2[outcome.piece].end - outcome.atMin)]))
  };
}
function callsOf(piece, start) {
  return piece.calls.filter((call) => call.cook >= 0).map((call) => {
    const from2 = start + Math.round(call.share * piece.plannedMin);
    return { cook: call.cook, start: from2, end: from2 + call.takesMin };
  });
}
function freeFrom(piece, busy, earliest2) {
  for (let start = earliest2; ; ) {
    const wanted = [...piece.cook >= 0 ? [{ cook: piece.cook, start, end: start + piece.plannedMin }] : [], ...callsOf(piece, start)];
    let later2 = start;
    for (const each of wanted) {
      for (const other of busy[each.cook]) if (each.start < other.end && other.start < each.end) later2 = Math.max(later2, start + other.end - each.start);
    }
    if (later2 === start) return start;
    start = later2;
  }
}

// packages/core/src/day/mend.ts
var laterTried = [0, 15, 30, 60, 120];
var worthMin = 3;
function* mending(before2, standpoint, { seed = 1, effort: effort3 = 3e4 } = {}) {
  const { lost } = judgeDay(before2, standpoint);
  const occasion = withoutPlates(before2, lost);
  const found = [...sameOrder(before2, occasion, standpoint, lost)];
  yield void 0;
  const clean = found.find((mend) => mend.cautions.length === 0);
  const lateMin = clean ? latest(clean) : Infinity;
  const inTime3 = clean ? [0, Math.round(lateMin / 2)].filter((minutes, at3, all) => minutes <= lateMin - worthMin && all.indexOf(minutes) === at3) : laterTried.slice(0, found.length > 0 ? 3 : 4);
  const trials = [...inTime3.map((minutes) => ({ minutes, patient: false })), ...found.length > 0 ? [] : laterTried.map((minutes) => ({ minutes, patient: true }))];
  for (const { minutes, patient } of trials) {
    const trial = served2(occasion, standpoint, minutes);
    const run = planningRest(trial, standpoint, { seed, seconds: 0.02, firstEffort: effort3, patient });
    let plan2;
    for (; ; ) {
      const next = run.next();
      if (next.value) plan2 = next.value;
      if (next.done) break;
      yield void 0;
    }
    const mend = plan2 && asMend("new-order", before2, trial, { ...standpoint, plan: plan2 }, standpoint, lost);
    if (!mend || mend.cautions.length > 0 && !patient) continue;
    found.push(mend);
    break;
  }
  return best(found);
}
function best(found) {
  const weight = (mend) => latest(mend) + 15 * mend.cautions.length + 0.2 * mend.otherwise;
  const sorted = [...found].sort((a, b) => weight(a) - weight(b));
  return sorted.filter((mend, index) => !sorted.slice(0, index).some((other) => latest(other) <= latest(mend) && other.cautions.length <= mend.cautions.length && other.otherwise <= mend.otherwise)).slice(0, 3);
}
var latest = ({ later: later2 }) => Math.max(0, ...later2.map((each) => each.minutes));
function sameOrder(before2, occasion, from2, lost) {
  const network = tasksOf(occasion, fit(occasion));
  const steps = new Set(from2.plan.tasks.flatMap((task) => task.kind === "step" ? [task.id] : []));
  const wanted = new Set(network.tasks.map((task) => task.id));
  if (network.tasks.some((task) => !steps.has(task.id))) return [];
  const standpoint = { ...from2, plan: { ...from2.plan, tasks: from2.plan.tasks.filter((task) => task.kind !== "step" || wanted.has(task.id) || from2.done.has(task.id) || from2.running.has(task.id)) } };
  const courseOf2 = new Map(network.batches.map((batch) => [batch.id, occasion.dishes.find((dish) => dish.id === batch.dish).course]));
  const begun = new Set(standpoint.plan.tasks.flatMap((task) => task.kind === "step" && (standpoint.done.has(task.id) || standpoint.running.has(task.id)) ? [task.batch] : []));
  const delayed = /* @__PURE__ */ new Map();
  const mends2 = [];
  for (const pace of ["soon", "unbegun", "all", "all"]) {
    const { plan: plan2, lateMin } = shifted2(occasion, network, standpoint, (batch) => pace === "soon" || pace === "unbegun" && begun.has(batch) ? 0 : delayed.get(courseOf2.get(batch)) ?? 0);
    const minutes = new Map(delayed);
    for (const [batch, late] of lateMin) {
      if (late <= 0 || isDone(standpoint, batch)) continue;
      minutes.set(courseOf2.get(batch), Math.max(minutes.get(courseOf2.get(batch)) ?? 0, Math.ceil(late)));
    }
    for (const course of occasion.courses) minutes.set(course.id, Math.max(...occasion.courses.filter((each) => each.offsetMin === course.offsetMin).map((each) => minutes.get(each.id) ?? 0)));
    const moved2 = { ...occasion, courses: occasion.courses.map((course) => ({ ...course, offsetMin: course.offsetMin + minutes.get(course.id) })) };
    const mend = asMend("same-order", before2, moved2, { ...standpoint, plan: { ...plan2, basis: basisOf(moved2) } }, from2, lost);
    if (mend) mends2.push(mend);
    if (mend?.cautions.length === 0 || [...minutes.values()].every((each) => each === 0)) break;
    for (const [course, late] of minutes) delayed.set(course, late);
  }
  return mends2;
}
var isDone = ({ plan: plan2, done }, batch) => plan2.tasks.every((task) => task.kind !== "step" || task.batch !== batch || done.has(task.id));
var patienceCodes = /* @__PURE__ */ new Set(["waits-too-long", "stands-too-long"]);
function served2(occasion, standpoint, minutes) {
  if (minutes === 0) return occasion;
  const network = tasksOf(occasion, fit(occasion));
  const waiting = new Set(network.tasks.flatMap((task) => standpoint.done.has(task.id) ? [] : [network.batches.find((batch) => batch.id === task.batch).dish]));
  const courses = new Set(occasion.dishes.filter((dish) => waiting.has(dish.id)).map((dish) => dish.course));
  const moments = new Set(occasion.courses.filter((course) => courses.has(course.id)).map((course) => course.offsetMin));
  return { ...occasion, courses: occasion.courses.map((course) => moments.has(course.offsetMin) ? { ...course, offsetMin: course.offsetMin + minutes } : course) };
}
function asMend(kind, before2, occasion, after, from2, lost) {
  const judged = judgeDay(occasion, after);
  const cautions = judged.objections.filter((finding) => patienceCodes.has(finding.code));
  if (cautions.length < judged.objections.length || judged.ahead.length > 0) return void 0;
  const later2 = occasion.courses.flatMap((course) => {
    const minutes = course.offsetMin - (before2.courses.find((each) => each.id === course.id)?.offsetMin ?? course.offsetMin);
    return minutes === 0 ? [] : [{ course: course.id, name: course.name, minutes }];
  });
  const { changes } = comparePlans({ occasion: before2, plan: from2.plan }, { occasion, plan: after.plan });
  const open = changes.filter((change2) => !from2.done.has(change2.id) && !from2.running.has(change2.id));
  const otherwise = kind === "same-order" ? 0 : movedAbout(from2.plan, after.plan, from2);
  return { kind, occasion, plan: after.plan, later: later2, changes: open, otherwise, lost, said: judged.said, cautions, words: wordsOf3(before2, later2, open, otherwise, cautions, lost) };
}
function movedAbout(before2, after, { done, running }) {
  const steps = (plan2) => plan2.tasks.filter((task) => task.kind === "step").filter((task) => !done.has(task.id) && !running.has(task.id));
  const [old, now2] = [steps(before2), steps(after)];
  const was = new Map(old.map((task, at3) => [task.id, { task, at: at3 }]));
  let furthest = -1;
  return now2.filter((task) => {
    const known2 = was.get(task.id);
    if (!known2 || known2.task.cook !== task.cook || known2.task.way !== task.way || known2.task.racks.join() !== task.racks.join() || known2.task.units.join() !== task.units.join()) return true;
    const behind2 = known2.at < furthest;
    furthest = Math.max(furthest, known2.at);
    return behind2;
  }).length + old.filter((task) => !now2.some((each) => each.id === task.id)).length;
}
function wordsOf3(before2, later2, changes, otherwise, cautions, lost) {
  const serving2 = later2.length === 0 ? "Everything still goes out in time" : listed(later2.map(({ name, minutes, course }) => `${name} ${minutes} min later, at ${clockTime(before2.serveAt, before2.courses.find((each) => each.id === course).offsetMin + minutes)}`));
  const first = changes[0];
  const next = first ? `next is \u201C${first.title}\u201D (${first.dishName})` : "";
  const moved2 = changes.length === 0 ? "nothing else changes" : otherwise === 0 ? `the order stays, ${next}` : `${otherwise} ${otherwise === 1 ? "thing is" : "things are"} done otherwise, ${next}`;
  const names = /* @__PURE__ */ new Map();
  for (const { guest, dish } of lost) names.set(dish, [...names.get(dish) ?? [], before2.guests.find((each) => each.id === guest)?.name ?? guest]);
  const gone = [...names].map(([dish, guests]) => ` ${listed(guests)} ${guests.length === 1 ? "gets" : "get"} no ${before2.recipes.find((each) => each.id === before2.dishes.find((one) => one.id === dish)?.recipe)?.name.toLowerCase() ?? dish}.`);
  return `${serving2}; ${moved2}.${cautions.map((each) => ` ${each.message}`).join("")}${gone.join("")}`;
}
function mends(occasion, standpoint, options = {}) {
  const run = mending(occasion, standpoint, options);
  for (; ; ) {
    const next = run.next();
    if (next.done) return next.value;
  }
}

// ../../tmp/again2.mjs
var { demo } = await import("/tmp/demo.mjs");
var occ = demo("sunday-lunch");
var plan = makePlan(occ, { seconds: 0.3 }).plan;
var events = [];
var seq = 0;
var push = (at3, what) => events.push({ seq: ++seq, id: "e" + seq, device: "a", atMin: now, what });
var now = -60;
for (const t of plan.tasks) {
  if (t.kind === "wash") {
    if (t.endMin <= now - 15) for (const item of gateItems(t)) push(t.endMin, { kind: "clean", wash: t.id, item });
    continue;
  }
  if (t.kind === "oven") {
    if (t.startMin <= now - 15) push(t.startMin, { kind: "tick", entry: t.id });
    continue;
  }
  if (t.cook) {
    if (t.endMin <= now - 15) push(t.endMin, { kind: "tick", entry: t.id });
    continue;
  }
  if (t.startMin <= now - 15) push(t.startMin, { kind: "tick", entry: t.id });
  t.attention.forEach((p, k) => {
    if (p.startMin > t.startMin && p.endMin <= now - 15) push(p.endMin, { kind: "tick", entry: lookId(t.id, k) });
  });
}
var from = { occasion: occ, standpoint: { ...happened(plan, progressOf(events), now), nowMin: now } };
console.log([...from.standpoint.running], [...from.standpoint.done].join(" "));
console.log(from.standpoint.plan.tasks.filter((t) => t.kind !== "wash").map((t) => `${t.id} ${t.startMin}-${t.endMin}`).join("\n"));
console.log(mends(occ, from.standpoint).map((m) => m.words));
var j = judgeDay(occ, from.standpoint);
console.log(JSON.stringify(j.objections.map((f) => f.message)), JSON.stringify(j.said.map((f) => f.code + f.message)));
for (const patient of [false, true]) for (const k of [0, 60, 120]) {
  const trial = { ...occ, courses: occ.courses.map((c) => ({ ...c, offsetMin: c.offsetMin + k })) };
  const run = planningRest(trial, from.standpoint, { seconds: 0, firstEffort: 2e5, patient });
  let n;
  do
    n = run.next();
  while (!n.done);
  if (!n.value) {
    console.log(k, "none");
    continue;
  }
  console.log(JSON.stringify(n.value.tasks.filter((t) => t.kind === "oven")), n.value.tasks.filter((t) => t.racks?.length).map((t) => t.id + " " + t.startMin + "-" + t.endMin).join(" "));
  const j2 = judgeDay(trial, { ...from.standpoint, plan: n.value });
  console.log(k, j2.ahead.map((f) => f.why), j2.objections.map((f) => f.code + f.message));
}
