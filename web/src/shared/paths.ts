/**
 * The server's own description of its paths, as types: what a path answers, and what it takes. A path is written as it is asked for
 * (`forms/${id}/mends?finding=${name}`); one that the server does not have does not compile.
 */
import type { components, paths } from "./api-types";

type Split<S extends string> = S extends `${infer First}/${infer Rest}` ? [First, ...Split<Rest>] : [S];

/** Whether a segment of a path stands for a segment of the description: the word itself, or any word where a name in braces stands. */
type Fits<Asked, Has> = Asked extends (
  Has extends `${infer Before}{${string}}${infer After}`
    ? `${Before}${string}${After}`
    : Has
)
  ? true
  : false;

type Along<Asked, Has> = [Asked, Has] extends [[infer A, ...infer RestA], [infer H, ...infer RestH]]
  ? Fits<A, H> extends true
    ? Along<RestA, RestH>
    : false
  : [Asked, Has] extends [[], []]
    ? true
    : false;

type Plain<P extends string> = P extends `${infer Path}?${string}` ? Path : P;

type Found<P extends string> = `/api/${P}` extends keyof paths
  ? `/api/${P}`
  : {
      [K in keyof paths]: K extends `/api/${infer R}`
        ? Along<Split<P>, Split<R>> extends true
          ? K
          : never
        : never;
    }[keyof paths];

/** The description's path for a path as it is asked for; never: there is none. */
export type PathOf<P extends string> = P extends unknown ? Found<Plain<P>> : never;

export type Method = "GET" | "POST" | "PUT" | "DELETE";

type Operation<K, M extends Method> = K extends keyof paths ? NonNullable<paths[K][Lowercase<M>]> : never;

type Json<R> = R extends { content: { "application/json": infer T } } ? T : never;

type AnswerOf<O> = O extends { responses: infer R } ? Json<R[Extract<keyof R, 200 | 201 | 202>]> : never;

type BodyOf<O> = O extends { requestBody?: infer B }
  ? NonNullable<B> extends { content: { "application/json": infer T } }
    ? T
    : FormData
  : never;

/** What a path answers. */
export type Answer<P extends string, M extends Method> = AnswerOf<Operation<PathOf<P>, M>>;

/** What is sent may leave out what the server fills in. */
type Sent<T> = T extends readonly unknown[] ? T : T extends object ? { [K in keyof T]?: Sent<T[K]> } : T;

/** What a path takes. */
export type Body<P extends string, M extends Method> = Sent<BodyOf<Operation<PathOf<P>, M>>>;

export type Schemas = components["schemas"];
