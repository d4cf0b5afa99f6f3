<?php

declare(strict_types=1);

namespace PaperKite\Text;

use PaperKite\Refusal;

/** Collects what is wrong with a form while it is read, the first sentence at each path. */
final class FieldErrors
{
    /** @var array<string, string> by path */
    private array $byPath = [];

    public function add(string $path, string $sentence): void
    {
        $this->byPath[$path] ??= $sentence;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T|null `null` where it was refused; the sentence stands at the path
     */
    public function at(string $path, callable $read): mixed
    {
        try {
            return $read();
        } catch (Refusal $refusal) {
            $this->add($path, $refusal->getMessage());

            return null;
        }
    }

    /** @return array<string, string> */
    public function all(): array
    {
        return $this->byPath;
    }
}
