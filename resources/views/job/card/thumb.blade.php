<x-drawing.thumb :model="$model" :posts="$posts" />
