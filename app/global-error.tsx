"use client";
import "./globals.css";

export { default } from "./lastResort";
