<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Shop;
use App\Shops\ShopNames;
use Illuminate\Console\Command;
use PaperKite\Money\Currency;
use PaperKite\Refusal;
use PaperKite\Text\Line;

final class ShopCreate extends Command
{
    use ReadsText;

    protected $signature = 'shop:create
        {slug : Names the shop in the console’s addresses: a-z, 0-9 and -}
        {name : As shoppers read it}
        {host : Where shoppers find it, such as honey.example}
        {--currency=EUR : ISO 4217}';

    protected $description = 'Makes a shop on a host of its own';

    public function handle(ShopNames $names): int
    {
        try {
            $slug = $names->slug(null, $this->text('slug'));
            $host = $names->host(null, $this->text('host'), isOperator: true);
            $name = Line::of($this->text('name'), 'The name', 120)->text;
            $currency = Currency::of($this->optionText('currency'));
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $shop = Shop::query()->create(['slug' => $slug, 'name' => $name, 'host' => $host, 'currency' => $currency->code]);
        $this->info("{$name} is at {$shop->base()}. Next: shop:payee {$slug} ACCOUNT, and person:create MAIL --shop={$slug}.");

        return self::SUCCESS;
    }
}
