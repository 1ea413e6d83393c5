<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** A job has an id of its own that goes with it to another machine; what came in from a file keeps the names it came with, and says so. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('jobs', function (Blueprint $table) {
            $table->string('uid', 36)->default('');
            $table->string('came_in')->default('');
        });
        foreach (DB::table('jobs')->pluck('id') as $id) {
            DB::table('jobs')->where('id', $id)->update(['uid' => (string) Str::uuid()]);
        }
        foreach (['plan_revisions', 'entries'] as $book) {
            Schema::table($book, function (Blueprint $table) {
                $table->string('by_file')->default('');
            });
        }
    }
};
