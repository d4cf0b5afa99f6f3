<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Finding\Kind;
use App\Finding\WriteWords;
use App\Models\Shop;
use Illuminate\Console\Command;

/** What came into the tables otherwise than by its form has no words yet: before an upgrade, by an import, in the demo. */
final class SearchWrite extends Command
{
    private const AT_ONCE = 200;

    protected $signature = 'search:write';

    protected $description = 'Writes down the words of what can’t be found yet';

    public function handle(WriteWords $write): int
    {
        foreach (Shop::query()->get() as $shop) {
            foreach (Kind::cases() as $kind) {
                // Everything has a word: a name, a state. What was written is not found again.
                while (($ids = $write->missing($kind, $shop, self::AT_ONCE)) !== []) {
                    $write->of($kind, $shop, $ids);
                }
            }
        }

        return self::SUCCESS;
    }
}
