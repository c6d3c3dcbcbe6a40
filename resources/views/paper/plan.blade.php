@extends('paper.layout')
@section('pages')
@foreach ($pages as $page)
<div class="page{{ $loop->last ? ' last' : '' }}">
<header><h1>{{ $title }}</h1><span class="name">{{ __("paper.page.{$page->value}") }}</span></header>
@include("paper.pages.{$page->value}")
</div>
@endforeach
@endsection
