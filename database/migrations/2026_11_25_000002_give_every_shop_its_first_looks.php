<?php

declare(strict_types=1);

use App\Models\GiveFirstLooks;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        foreach (DB::table('shops')->pluck('id')->all() as $id) {
            app(GiveFirstLooks::class)->to(is_int($id) ? $id : throw new LogicException('A shop has a number.'));
        }
    }
};
