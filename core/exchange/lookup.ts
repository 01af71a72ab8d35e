import { fold } from '../catalogue/fold.ts';
import type { FieldType } from '../groupings/grouping.ts';
import { nameOfFile } from '../picture/nameOfFile.ts';

/** What a store has that products name. */
export interface Named {
  brands: readonly { id: number; name: string }[];
  categories: readonly { id: number; parentId: number | null; name: string }[];
  /** Those that are filled by a rule take nothing by hand. */
  collections: readonly { id: number; name: string; byRule: boolean }[];
  /** Pictures of the store; none where no column names any. */
  pictures: readonly { id: string; name: string }[];
  options: readonly { id: number; name: string; values: readonly { id: number; name: string }[] }[];
  /** What tags are called that are called otherwise than they are known by. */
  tags: ReadonlyMap<string, string>;
}

export interface NewCategory {
  id: number;
  parentId: number | null;
  name: string;
}

/** What is named and is not there yet, each with an id below nothing, in the order in which it has to be made. */
export interface Made {
  brands: { id: number; name: string }[];
  collections: { id: number; name: string }[];
  categories: NewCategory[];
  options: { id: number; name: string }[];
  values: { id: number; optionId: number; name: string }[];
  /** Fields that columns are made into, by what rules will name them by. */
  fields: NewField[];
}

export interface NewField {
  id: string;
  name: string;
  type: FieldType;
}

/** Names by what they are called: as they are written, else as they are folded. */
class Book<T extends { name: string }> {
  private readonly exact = new Map<string, T>();
  private readonly folded = new Map<string, T>();

  constructor(all: Iterable<T>) {
    for (const one of all) this.add(one);
  }

  add(one: T): void {
    if (!this.exact.has(one.name)) this.exact.set(one.name, one);
    const key = fold(one.name);
    if (key && !this.folded.has(key)) this.folded.set(key, one);
  }

  find(name: string): T | undefined {
    return this.exact.get(name) ?? this.folded.get(fold(name));
  }
}

/** What products name, found by its names; what is not there yet is noted to be made. */
export class Lookup {
  readonly made: Made;
  /** Names of pictures that the store does not have, or has several of. */
  readonly lostPictures = new Set<string>();
  private readonly collections: Book<{ id: number; name: string; byRule: boolean }>;
  private readonly pictureIds = new Set<string>();
  /** Null for a name that several have. */
  private readonly pictures = new Map<string, string | null>();
  private readonly tags: ReadonlyMap<string, string>;
  private readonly brands: Book<{ id: number; name: string }>;
  private readonly options: Book<{ id: number; name: string }>;
  private readonly values = new Map<number, Book<{ id: number; name: string }>>();
  private readonly below = new Map<number | null, Book<NewCategory>>();
  private readonly anywhere = new Map<string, NewCategory[]>();
  private next = -1;

  /** @param fields that are made with it */
  constructor({ brands, categories, collections, pictures, options, tags }: Named, fields: NewField[] = []) {
    this.made = { brands: [], collections: [], categories: [], options: [], values: [], fields };
    this.tags = new Map([...tags].map(([id, name]) => [name, id]));
    this.brands = new Book(brands);
    this.collections = new Book(collections);
    for (const { id, name } of pictures) {
      const key = fold(name);
      this.pictureIds.add(id);
      this.pictures.set(key, this.pictures.has(key) ? null : id);
    }
    this.options = new Book(options);
    for (const { id, values } of options) this.values.set(id, new Book(values));
    for (const category of categories) this.addCategory(category);
  }

  brand(name: string): number {
    const there = this.brands.find(name);
    if (there) return there.id;
    const brand = { id: this.next--, name };
    this.brands.add(brand);
    this.made.brands.push(brand);
    return brand.id;
  }

  /** What a tag is known by: one that is called so, else the one that was first called so, which may be new. */
  tag(name: string): string {
    return this.tags.get(name) ?? name;
  }

  /** Whether a collection is filled by a rule. */
  isRuled(name: string): boolean {
    return this.collections.find(name)?.byRule ?? false;
  }

  collection(name: string): number {
    const there = this.collections.find(name);
    if (there) return there.id;
    const collection = { id: this.next--, name };
    this.collections.add({ ...collection, byRule: false });
    this.made.collections.push(collection);
    return collection.id;
  }

  /** A picture of the store by its name, or by the name of a file that it may have come from, or by its id; null for none. */
  picture(name: string): string | null {
    if (this.pictureIds.has(name)) return name;
    const id = this.pictures.get(fold(nameOfFile(name))) ?? null;
    if (id === null) this.lostPictures.add(name);
    return id;
  }

  /** A category by its levels; one that says a single name may stand anywhere, if it is the only one of that name. */
  category(path: readonly string[]): number {
    const [only, more] = path;
    if (more === undefined && !this.below.get(null)?.find(only!)) {
      const named = this.anywhere.get(fold(only!) || only!) ?? [];
      if (named.length === 1) return named[0]!.id;
    }
    let parentId: number | null = null;
    for (const name of path) {
      const there: NewCategory | undefined = this.below.get(parentId)?.find(name);
      if (there) parentId = there.id;
      else {
        const category: NewCategory = { id: this.next--, parentId, name };
        this.addCategory(category);
        this.made.categories.push(category);
        parentId = category.id;
      }
    }
    return parentId!;
  }

  value(option: string, name: string): { option: number; id: number; name: string } {
    let of = this.options.find(option);
    if (!of) {
      of = { id: this.next--, name: option };
      this.options.add(of);
      this.values.set(of.id, new Book<{ id: number; name: string }>([]));
      this.made.options.push(of);
    }
    const values = this.values.get(of.id)!;
    let value = values.find(name);
    if (!value) {
      value = { id: this.next--, name };
      values.add(value);
      this.made.values.push({ ...value, optionId: of.id });
    }
    return { option: of.id, id: value.id, name: value.name };
  }

  private addCategory(category: NewCategory): void {
    const { parentId, name } = category;
    const below = this.below.get(parentId);
    if (below) below.add(category);
    else this.below.set(parentId, new Book([category]));
    const key = fold(name) || name;
    this.anywhere.set(key, [...(this.anywhere.get(key) ?? []), category]);
  }
}
