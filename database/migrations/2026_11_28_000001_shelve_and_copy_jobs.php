<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A job can be put away or into the bin, which nothing empties, and taken back; a copy with its log says for ever whose copy it is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table) {
            $table->string('shelf', 10)->default('at_hand');
            $table->string('copy_of')->default('');
        });
    }
};
