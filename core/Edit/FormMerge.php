<?php

declare(strict_types=1);

namespace PaperKite\Edit;

/**
 * Two people's changes to one form, joined: who changed what the other left keeps it. Where both made something else of
 * one field, theirs stands, and the clash is told.
 */
final readonly class FormMerge
{
    /**
     * @param  array<mixed>  $form
     * @param  list<FieldChange>  $clashes  from theirs to mine
     */
    private function __construct(
        public array $form,
        public array $clashes,
    ) {}

    /**
     * @param  array<mixed>  $base  what both began with
     * @param  array<mixed>  $theirs  what was saved since
     * @param  array<mixed>  $mine  what is to be saved; a field that it leaves out is untouched
     */
    public static function of(array $base, array $theirs, array $mine): self
    {
        $clashes = [];
        $form = self::joined($base, $theirs, $mine + array_diff_key($base, $mine), [], $clashes);

        return new self($form, $clashes);
    }

    /** @return array<mixed> the same, but of what both changed, mine */
    public function withMine(): array
    {
        return array_reduce($this->clashes, static fn (array $form, FieldChange $clash): array => self::put($form, $clash->path, $clash->after), $this->form);
    }

    /**
     * @param  array<mixed>  $form
     * @param  non-empty-list<string>  $path
     * @return array<mixed>
     */
    private static function put(array $form, array $path, mixed $value): array
    {
        $name = array_shift($path);

        return [$name => $path === [] ? $value : self::put((array) ($form[$name] ?? []), $path, $value)] + $form;
    }

    /**
     * @param  array<mixed>  $base
     * @param  array<mixed>  $theirs
     * @param  array<mixed>  $mine
     * @param  list<string>  $path
     * @param  list<FieldChange>  $clashes
     * @return array<mixed>
     */
    private static function joined(array $base, array $theirs, array $mine, array $path, array &$clashes): array
    {
        $form = [];
        foreach (Fields::names($mine, $theirs) as $name) {
            [$was, $their, $own] = [$base[$name] ?? null, $theirs[$name] ?? null, $mine[$name] ?? null];
            $here = [...$path, $name];
            if (Fields::areParted($was, $their, $own)) {
                $form[$name] = self::joined((array) $was, (array) $their, (array) $own, $here, $clashes);

                continue;
            }
            $isMine = ! Fields::areSame($was, $own);
            if ($isMine && ! Fields::areSame($was, $their) && ! Fields::areSame($their, $own)) {
                $clashes[] = new FieldChange($here, $their, $own);
                $isMine = false;
            }
            $from = $isMine ? $mine : $theirs;
            // What is not there at all is something else than nothing.
            if (array_key_exists($name, $from)) {
                $form[$name] = $from[$name];
            }
        }

        return $form;
    }
}
