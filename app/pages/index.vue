<template><div>board</div></template>
