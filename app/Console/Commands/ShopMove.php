<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use App\Shops\NamesForm;
use App\Shops\RenameShop;
use Illuminate\Console\Command;
use Illuminate\Validation\ValidationException;

final class ShopMove extends Command
{
    use ReadsText;

    protected $signature = 'shop:move {slug} {host : The new host}';

    protected $description = 'Moves a shop to another host; the old one leads there for good';

    public function handle(RenameShop $rename): int
    {
        $slug = $this->text('slug');
        $shop = Shop::query()->where('slug', $slug)->first();
        if ($shop === null) {
            $this->error("No shop has the slug “{$slug}”.");

            return self::FAILURE;
        }
        if ($shop->host === strtolower($this->text('host'))) {
            $this->error("{$shop->name} is at {$shop->host} already.");

            return self::FAILURE;
        }
        try {
            $shop = $rename($shop, new NamesForm($shop->name, $shop->slug, $this->text('host'), $shop->checkout_slug), isOperator: true);
        } catch (ValidationException $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->info("{$shop->name} is at {$shop->base()} now; its old address leads there.");

        return self::SUCCESS;
    }
}
